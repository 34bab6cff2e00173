package almanac.core.pot;

import almanac.core.refusals.Field;

/** An entry of a plant seen from above. */
public enum PlaceField implements Field {
  GROWTHS("growths"),
  POTS("pots"),
  HOUR("hour");

  private final String key;

  PlaceField(String key) {
    this.key = key;
  }

  @Override
  public String key() {
    return key;
  }
}
