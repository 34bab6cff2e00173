package almanac.core.kinds;

/**
 * The temperatures a kind of plant grows at.
 *
 * @param nightLeast the lowest night temperature, °C
 * @param dayMost the highest day temperature, °C
 */
public record Warmth(double nightLeast, double dayMost) {
  public static final Warmth WARM = new Warmth(18, 32);
  public static final Warmth INTERMEDIATE = new Warmth(14, 28);
  public static final Warmth COOL = new Warmth(10, 24);
}
