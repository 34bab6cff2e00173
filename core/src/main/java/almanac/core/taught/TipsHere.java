package almanac.core.taught;

import almanac.core.figures.Figures;
import almanac.core.tally.RootFate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * How many of the new root tips moves broke here, in a hundred, against what was foretold for them.
 * Rules: What it taught.
 *
 * @param moves at which new tips were counted, and of which their slip could foretell it
 * @param foretold in the mean of these moves
 * @param low the truth lies over this and under {@code high} in nine cases of ten
 */
public record TipsHere(
    String words,
    int moves,
    double foretold,
    double low,
    double likely,
    double high,
    Chance.Against against) {
  private static final double TAIL = 0.05;
  private static final double WHOLE = 100;

  /** Shares of one move, 0 to 1, and how many tips were counted. */
  private record Counted(double broken, double foretold, int tips) {
    static Optional<Counted> of(MoveMade move) {
      var broken = move.tally().newTipsLost();
      var foretold = move.before().slip().flatMap(SlipThen::tips);
      return broken.isEmpty() || foretold.isEmpty()
          ? Optional.empty()
          : Optional.of(
              new Counted(
                  broken.getAsDouble(),
                  foretold.get(),
                  move.tally().of(RootFate.NEW_BROKEN) + move.tally().of(RootFate.NEW_KEPT)));
    }

    double more() {
      return broken - foretold;
    }
  }

  /** All moves together first, then by what was done, and by the newest roots of the day. */
  static List<TipsHere> of(Collection<MoveTold> known, Figures figures) {
    var counted = known.stream().filter(told -> Counted.of(told.move()).isPresent()).toList();
    var lines = new ArrayList<TipsHere>();
    if (!counted.isEmpty()) {
      lines.add(of("All together", counted, figures));
      lines.addAll(by(Question.WORK, counted, figures));
      lines.addAll(by(Question.STAGE, counted, figures));
    }
    return lines;
  }

  /** Where all stand on one side, nothing is told apart. */
  private static List<TipsHere> by(Question question, List<MoveTold> counted, Figures figures) {
    var sides = question.sides(counted);
    return sides.size() < 2
        ? List.of()
        : sides.entrySet().stream()
            .map(side -> of(side.getKey().words(), side.getValue(), figures))
            .toList();
  }

  /**
   * Each move is held against its own forecast, by Student's distribution; few tips tell no better
   * than few tosses of a coin, however alike the moves came out.
   */
  private static TipsHere of(String words, List<MoveTold> counted, Figures figures) {
    var some = counted.stream().flatMap(told -> Counted.of(told.move()).stream()).toList();
    int n = some.size();
    double foretold = some.stream().mapToDouble(Counted::foretold).average().orElseThrow();
    double more = some.stream().mapToDouble(Counted::more).average().orElseThrow();
    double tips = some.stream().mapToInt(Counted::tips).sum();
    double share = Math.max(1 / (tips + 2), Math.min(1 - 1 / (tips + 2), foretold + more));
    double spread =
        n == 1
            ? 0
            : some.stream().mapToDouble(each -> Math.pow(each.more() - more, 2)).sum() / (n - 1);
    double error = Math.sqrt(Math.max(spread / n, share * (1 - share) / tips));
    var student = TDistribution.of(Math.max(1, n - 1));
    double reach = student.inverseSurvivalProbability(TAIL) * error;
    return new TipsHere(
        words,
        n,
        WHOLE * foretold,
        inside(foretold + more - reach),
        inside(foretold + more),
        inside(foretold + more + reach),
        n < figures.count(LearningFigures.FEW)
            ? Chance.Against.FEW
            : Chance.Against.of(student.cumulativeProbability(-more / error), figures));
  }

  private static double inside(double share) {
    return WHOLE * Math.max(0, Math.min(1, share));
  }

  /** What is said of it, as a part of a sentence. */
  public String says() {
    return against.words("more", "fewer");
  }
}
