package almanac.core.history;

/** Where a plant is in its life here. */
public enum PlantStatus {
  GROWING("growing"),
  RECOVERING("recovering"),
  GIVEN_AWAY("given away"),
  LOST("lost");

  private final String words;

  PlantStatus(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether it still stands in its place. */
  public boolean here() {
    return this == GROWING || this == RECOVERING;
  }
}
