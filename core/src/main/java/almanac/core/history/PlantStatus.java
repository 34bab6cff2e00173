package almanac.core.history;

/** Where a plant is in its life here. */
public enum PlantStatus {
  GROWING("growing"),
  RECOVERING("recovering"),
  GIVEN_AWAY("given away"),
  LOST("lost"),
  /** Another plant's card stands for both. */
  IN_ONE_POT("in one pot with another");

  private final String words;

  PlantStatus(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether somebody can say so of a plant; that it shares a pot follows from being put there. */
  public boolean said() {
    return this != IN_ONE_POT;
  }

  /** Whether it still stands in its place. */
  public boolean here() {
    return this == GROWING || this == RECOVERING;
  }
}
