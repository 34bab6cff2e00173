package almanac.core.tried;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.taught.LearningFigures;
import almanac.core.trials.TrialFigures;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * How much more something measures where it was tried, in its own unit. Rules: Trials.
 *
 * @param plants how many, or how many pairs, stand on the smaller side
 * @param low the truth lies over this and under {@code high} in nine cases of ten
 * @param likely the difference of the means
 */
public record Difference(int plants, double low, double likely, double high, Says says) {
  private static final double TAIL = 0.05;

  /** What follows from it. */
  public enum Says {
    /** Too few to say anything. */
    FEW,
    MORE,
    LESS,
    /** None that so many plants can show. */
    NONE
  }

  /** What is said of it, as a part of a sentence. */
  Sentence words(Measure in) {
    return switch (says) {
      case FEW -> say("too few to say more than what was measured");
      case NONE -> say("no difference that so few can show");
      case MORE ->
          say("{} more ({} to {} in nine cases of ten)", in.of(likely), in.of(low), in.of(high));
      case LESS ->
          say("{} less ({} to {} in nine cases of ten)", in.of(-likely), in.of(-high), in.of(-low));
    };
  }

  /** Two that are held against each other. */
  record Pair(double tried, double against) {}

  /** Of halves, or of plants and their own years before; nothing of fewer than two pairs. */
  static Optional<Difference> inPairs(List<Pair> pairs, Figures figures) {
    int n = pairs.size();
    if (n < 2) {
      return Optional.empty();
    }
    var differences = pairs.stream().mapToDouble(pair -> pair.tried() - pair.against()).toArray();
    double read =
        read(
            pairs.stream().flatMap(pair -> Stream.of(pair.tried(), pair.against())).toList(),
            figures);
    double variance = Math.max(variance(differences), 2 * read * read);
    return Optional.of(of(n, mean(differences), variance / n, n - 1.0, figures));
  }

  /** Of plants of two kinds of treatment; nothing where a side has fewer than two. */
  static Optional<Difference> between(List<Double> tried, List<Double> against, Figures figures) {
    int n = tried.size();
    int m = against.size();
    if (n < 2 || m < 2) {
      return Optional.empty();
    }
    var ours = array(tried);
    var theirs = array(against);
    double readOurs = read(tried, figures);
    double readTheirs = read(against, figures);
    double one = Math.max(variance(ours), readOurs * readOurs) / n;
    double other = Math.max(variance(theirs), readTheirs * readTheirs) / m;
    double freedom =
        (one + other) * (one + other) / (one * one / (n - 1) + other * other / (m - 1));
    return Optional.of(
        of(Math.min(n, m), mean(ours) - mean(theirs), one + other, freedom, figures));
  }

  /** By Student's distribution; Welch's degrees of freedom where the sides vary differently. */
  private static Difference of(
      int plants, double likely, double variance, double freedom, Figures figures) {
    double reach =
        variance == 0
            ? 0
            : TDistribution.of(freedom).inverseSurvivalProbability(TAIL) * Math.sqrt(variance);
    double low = likely - reach;
    double high = likely + reach;
    return new Difference(plants, low, likely, high, says(plants, low, high, figures));
  }

  private static Says says(int plants, double low, double high, Figures figures) {
    if (plants < figures.count(LearningFigures.FEW)) {
      return Says.FEW;
    }
    if (low > 0) {
      return Says.MORE;
    }
    return high < 0 ? Says.LESS : Says.NONE;
  }

  /** How far off one reading may be. */
  private static double read(Collection<Double> values, Figures figures) {
    return figures.of(TrialFigures.READ_TO)
        / 100
        * values.stream().mapToDouble(Math::abs).average().orElseThrow();
  }

  private static double[] array(List<Double> values) {
    return values.stream().mapToDouble(Double::doubleValue).toArray();
  }

  private static double mean(double[] values) {
    return DoubleStream.of(values).average().orElseThrow();
  }

  private static double variance(double[] values) {
    double mean = mean(values);
    return DoubleStream.of(values).map(each -> (each - mean) * (each - mean)).sum()
        / (values.length - 1);
  }
}
