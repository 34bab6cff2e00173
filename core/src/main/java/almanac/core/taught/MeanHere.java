package almanac.core.taught;

import almanac.core.figures.Figures;
import java.util.List;
import java.util.Optional;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * What something comes to here in the mean. Rules: What it taught.
 *
 * @param counted how many it is the mean of
 * @param low the truth lies over this and under {@code high} in nine cases of ten
 * @param few whether they are too few to say anything
 */
public record MeanHere(
    String words, int counted, double low, double likely, double high, boolean few) {
  private static final double TAIL = 0.05;

  /** The same where there may be none. */
  public static Optional<MeanHere> ofAny(String words, List<Double> values, Figures figures) {
    return values.isEmpty() ? Optional.empty() : Optional.of(of(words, values, figures));
  }

  /**
   * By Student's distribution.
   *
   * @param values at least one
   */
  static MeanHere of(String words, List<Double> values, Figures figures) {
    int n = values.size();
    double mean = values.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    double spread = values.stream().mapToDouble(each -> (each - mean) * (each - mean)).sum();
    double reach =
        n == 1
            ? 0
            : TDistribution.of(n - 1.0).inverseSurvivalProbability(TAIL)
                * Math.sqrt(spread / (n - 1) / n);
    boolean few = n < figures.count(LearningFigures.FEW);
    return new MeanHere(words, n, mean - reach, mean, mean + reach, few);
  }
}
