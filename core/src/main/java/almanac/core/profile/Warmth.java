package almanac.core.profile;

/** The temperatures a plant grows at. */
public enum Warmth {
  WARM(18, 32),
  INTERMEDIATE(14, 28),
  COOL(10, 24);

  private final int nightLeast;
  private final int dayMost;

  Warmth(int nightLeast, int dayMost) {
    this.nightLeast = nightLeast;
    this.dayMost = dayMost;
  }

  /** The lowest night temperature, °C. */
  public int nightLeast() {
    return nightLeast;
  }

  /** The highest day temperature, °C. */
  public int dayMost() {
    return dayMost;
  }
}
