package almanac.core.medium;

/**
 * The used life that a test allows, in percent, both ends included.
 *
 * @param least at least so much is used
 * @param most at most so much is used
 */
public record Band(double least, double most) {
  /** So much or more. */
  public static Band atLeast(double percent) {
    return new Band(percent, Double.POSITIVE_INFINITY);
  }

  /** So much or less. */
  public static Band atMost(double percent) {
    return new Band(0, percent);
  }

  /** The estimate, moved into the band if it lies outside. */
  public double clamp(double percent) {
    return Math.max(least, Math.min(most, percent));
  }
}
