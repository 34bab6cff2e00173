package almanac.core.refusals;

/** What is told of a plant, its pot, a place or a picture, beside looks, traits and figures. */
public enum Entered implements Field {
  NAME("name"),
  /** The day of what is written down. */
  ON("on"),
  ARRIVED_ON("arrivedOn"),
  POTTED_ON("pottedOn"),
  APART_SINCE("apartSince"),
  HELD_SINCE("heldSince"),
  MIX("mix"),
  MOISTURE("moisture"),
  POT_DIAMETER("diameterMm"),
  POT_DEPTH("depthMm"),
  LATITUDE("latitude"),
  /** On which days of the week somebody goes round. */
  WEEKDAYS("weekdays"),
  /** When nobody is there. */
  AWAY("away"),
  /** How long somebody has on a bench day. */
  MINUTES("minutes"),
  MEANS("means"),
  /** A length in a picture that is known. */
  KNOWN_MM("knownMm"),
  /** Where that length lies. */
  KNOWN("known"),
  /** What is measured in a picture. */
  PATH("path");

  private final String key;

  Entered(String key) {
    this.key = key;
  }

  @Override
  public String key() {
    return key;
  }
}
