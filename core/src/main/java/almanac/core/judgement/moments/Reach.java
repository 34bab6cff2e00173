package almanac.core.judgement.moments;

import java.util.Collection;

/**
 * Points that may be so many, and probably are.
 *
 * @param least 0 to {@code likely}
 * @param most {@code likely} to 100
 */
public record Reach(double least, double likely, double most) {
  /** Whole points that reach over all of those that may be. */
  static Reach over(double likely, Collection<Double> others) {
    double least = likely;
    double most = likely;
    for (double other : others) {
      least = Math.min(least, other);
      most = Math.max(most, other);
    }
    return new Reach(Math.round(least), Math.round(likely), Math.round(most));
  }
}
