package almanac.core.taught;

import almanac.core.figures.Figures;
import almanac.core.medium.Component;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * How long a component lasts here, in months at 20 °C and watered when dry, told by pieces that
 * were felt against the calendar. A piece tells a band and no point, so each pot says only between
 * which lives the true one lies. Rules: What it taught.
 *
 * @param pots how many pots tell of it
 * @param assumed what is assumed without them
 * @param low the truth lies over this and under {@code high} in nine cases of ten
 * @param likely the mean
 */
public record LifeHere(
    Component component,
    int pots,
    double assumed,
    double low,
    double likely,
    double high,
    Chance.Against against) {
  private static final double FURTHEST = 1.6;
  private static final double STEP = 0.02;
  private static final double TAIL = 0.05;

  /**
   * Between which lives that of one pot lies, as parts of the assumed one.
   *
   * @param least 0 if it can be as short as can be
   * @param most infinite if it can be as long as can be
   */
  public record Told(double least, double most) {}

  /** What pots tell of a component. */
  public static LifeHere of(Component component, List<Told> pots, Figures figures) {
    double assumed = component.life().orElseThrow().standard();
    double spread = figures.of(LearningFigures.PIECE_SPREAD) / 100;
    var before = NormalDistribution.of(0, figures.of(LearningFigures.LIFE_SPREAD) / 100);
    var logs =
        IntStream.rangeClosed((int) Math.round(-FURTHEST / STEP), (int) Math.round(FURTHEST / STEP))
            .mapToDouble(i -> i * STEP)
            .toArray();
    var weights =
        DoubleStream.of(logs)
            .map(log -> Math.exp(before.logDensity(log) + likelihood(log, pots, spread)))
            .toArray();
    double all = DoubleStream.of(weights).sum();
    double mean = 0;
    for (int i = 0; i < logs.length; i++) {
      mean += logs[i] * weights[i] / all;
    }
    double under = under(0, logs, weights, all);
    return new LifeHere(
        component,
        pots.size(),
        assumed,
        assumed * Math.exp(quantile(TAIL, logs, weights, all)),
        assumed * Math.exp(mean),
        assumed * Math.exp(quantile(1 - TAIL, logs, weights, all)),
        pots.size() < figures.count(LearningFigures.FEW)
            ? Chance.Against.FEW
            : Chance.Against.of(under, figures));
  }

  /** What is said of it, as a part of a sentence. */
  public String words() {
    return against.words("longer", "shorter");
  }

  /** The figure that the pots speak for, in whole months; nothing while they rule nothing out. */
  public OptionalDouble proposed() {
    return against.clear() ? OptionalDouble.of(Math.rint(likely)) : OptionalDouble.empty();
  }

  /** Whether the pots still carry a life that was taken over. */
  public boolean carries(double own) {
    return low <= own && own <= high;
  }

  private static double likelihood(double log, List<Told> pots, double spread) {
    var truth = NormalDistribution.of(log, spread);
    double sum = 0;
    for (var pot : pots) {
      double inside =
          truth.probability(
              pot.least() <= 0 ? Double.NEGATIVE_INFINITY : Math.log(pot.least()),
              Double.isInfinite(pot.most()) ? Double.POSITIVE_INFINITY : Math.log(pot.most()));
      sum += Math.log(Math.max(inside, 1e-12));
    }
    return sum;
  }

  private static double under(double log, double[] logs, double[] weights, double all) {
    double sum = 0;
    for (int i = 0; i < logs.length && logs[i] < log - STEP / 2; i++) {
      sum += weights[i];
    }
    return sum / all;
  }

  private static double quantile(double share, double[] logs, double[] weights, double all) {
    double sum = 0;
    for (int i = 0; i < logs.length; i++) {
      sum += weights[i] / all;
      if (sum >= share) {
        return logs[i];
      }
    }
    return logs[logs.length - 1];
  }
}
