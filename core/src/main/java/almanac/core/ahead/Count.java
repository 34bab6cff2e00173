package almanac.core.ahead;

import almanac.core.figures.Figures;
import java.util.Arrays;
import org.apache.commons.statistics.descriptive.Quantile;

/**
 * So many of something, as many futures have it. Rules: The year ahead.
 *
 * @param least as many or more in most of them
 * @param expected on average; those of parts add up to that of the whole
 * @param most as many or fewer in most of them
 */
public record Count(double least, double expected, double most) {
  /** A number of a run is one that occurs in a run. */
  private static final Quantile QUANTILE =
      Quantile.withDefaults().with(Quantile.EstimationMethod.HF1);

  static Count of(double[] runs, Figures figures) {
    double outside = (1 - figures.of(AheadFigures.RANGE) / 100) / 2;
    return new Count(
        quantile(runs, outside),
        Arrays.stream(runs).average().orElse(0),
        quantile(runs, 1 - outside));
  }

  /** The least number that suffices in such a share of the runs, 0 to 1. */
  static double quantile(double[] runs, double share) {
    return QUANTILE.evaluate(runs.clone(), share);
  }
}
