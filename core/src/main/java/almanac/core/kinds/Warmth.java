package almanac.core.kinds;

import almanac.core.refusals.Refused;

/**
 * The temperatures a kind of plant grows at.
 *
 * @param nightLeast the lowest night temperature, °C, −10 to 40
 * @param dayMost the highest day temperature, °C, up to 50
 */
public record Warmth(double nightLeast, double dayMost) {
  public static final Warmth WARM = new Warmth(18, 32);
  public static final Warmth INTERMEDIATE = new Warmth(14, 28);
  public static final Warmth COOL = new Warmth(10, 24);

  private static final double COLDEST = -10;
  private static final double WARMEST_NIGHT = 40;
  private static final double HOTTEST = 50;

  /**
   * @throws Refused if a temperature lies outside, or the night is not colder than the day
   */
  public Warmth {
    if (!(nightLeast >= COLDEST && nightLeast <= WARMEST_NIGHT)) {
      throw new Refused("nightLeast", "The lowest night temperature goes from −10 to 40 °C.");
    }
    if (!(dayMost > nightLeast && dayMost <= HOTTEST)) {
      throw new Refused(
          "dayMost", "The highest day temperature lies above the night's and up to 50 °C.");
    }
  }
}
