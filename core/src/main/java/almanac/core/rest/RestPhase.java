package almanac.core.rest;

/** Where a plant is in the course of its rest. */
public enum RestPhase {
  IN_GROWTH("in growth"),
  /** Its leaves yellow, its growth is ripe. */
  GOING("going to rest"),
  AT_REST("at rest"),
  /** Its rest is over as soon as its new growth says so. */
  WAKING("waking");

  private final String words;

  RestPhase(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
