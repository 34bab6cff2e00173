package almanac.core.judgement.readiness;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.inspection.GrowthStage;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.reason.Basis;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Reason.Side;
import almanac.core.judgement.reason.SeenAt;
import almanac.core.kinds.ReadyRule;
import almanac.core.roots.RootStage;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How well a plant would take a move. While the newest roots have not been looked at it is a range
 * over all they could be.
 *
 * @param least in the worst case, 0 to 100
 * @param most in the best case, 0 to 100
 * @param reasons what adds to it and takes from it
 */
public record Readiness(double least, double most, List<Reason> reasons) {

  /**
   * @param look the look at roots or growth that it rests on, if there was one
   * @param rootWords how far the newest roots are, in words
   */
  static Readiness of(
      Footing footing, Optional<SeenAt> look, RootWords rootWords, Figures figures) {
    var bases = bases(footing, figures);
    var range = bases.stream().mapToDouble(figures::of).summaryStatistics();
    var losses = Losses.of(footing, figures);
    double loss = losses.points();
    var reasons = new ArrayList<Reason>();
    reasons.add(base(footing, bases, range.getMin(), look, rootWords, figures));
    reasons.addAll(losses.reasons());
    return new Readiness(
        within(range.getMin() - loss), within(range.getMax() - loss), List.copyOf(reasons));
  }

  /** How ready it is in the worst case, 0 to 100, without saying why. */
  public static double leastOf(Footing footing, Figures figures) {
    return within(leastBase(footing, figures) - Losses.of(footing, figures).points());
  }

  private static double leastBase(Footing footing, Figures figures) {
    boolean oneBase =
        footing.rule() != ReadyRule.START_OF_GROWTH && footing.roots().stage().isPresent();
    if (oneBase) {
      return figures.of(
          ReadinessFigures.base(
              footing.rule(), footing.roots().stage().get(), footing.roots().mm(), figures));
    }
    double base = 100;
    for (var each : bases(footing, figures)) {
      base = Math.min(base, figures.of(each));
    }
    return base;
  }

  /** The base it has, or all it could have where nobody has looked. */
  private static List<Figure> bases(Footing footing, Figures figures) {
    if (footing.rule() == ReadyRule.START_OF_GROWTH) {
      return footing.growth().map(List::of).orElseGet(() -> List.of(GrowthStage.values())).stream()
          .map(growth -> pastTheStart(growth, footing) ? GrowthStage.HALF_GROWN : growth)
          .map(ReadinessFigures::base)
          .toList();
    }
    return footing
        .roots()
        .stage()
        .map(List::of)
        .orElseGet(() -> List.of(RootStage.values()))
        .stream()
        .map(stage -> ReadinessFigures.base(footing.rule(), stage, footing.roots().mm(), figures))
        .toList();
  }

  /** Roots that have grown past nubs are past the start, whatever the growth looks like. */
  private static boolean pastTheStart(GrowthStage growth, Footing footing) {
    return growth.beginning() && footing.roots().stage().filter(RootStage::pastNub).isPresent();
  }

  /** The same, with only a share of what it lacks of being wholly ready. */
  public Readiness lacking(double share) {
    return new Readiness(100 - (100 - least) * share, 100 - (100 - most) * share, reasons);
  }

  /** The same, but not below that: an intact move is barely a disturbance. */
  public Readiness atLeast(double points) {
    return new Readiness(Math.max(least, points), Math.max(most, points), reasons);
  }

  /** The same, and why it is never less: with its ball whole a move barely disturbs it. */
  Readiness because(Reason floor) {
    var more = new ArrayList<>(reasons);
    more.add(floor);
    return new Readiness(least, most, List.copyOf(more));
  }

  private static double within(double points) {
    return Math.max(0, Math.min(100, points));
  }

  private static Reason base(
      Footing footing,
      List<Figure> bases,
      double base,
      Optional<SeenAt> look,
      RootWords rootWords,
      Figures figures) {
    if (bases.size() > 1) {
      return new Reason(Basis.Bare.UNSEEN, Side.AGAINST, unknown(footing, look), 0, look);
    }
    boolean ready = base >= figures.of(JudgementFigures.READY_ENOUGH);
    return new Reason(
        new Basis.Base(bases.get(0)),
        ready ? Side.FOR : Side.AGAINST,
        footing.rule() == ReadyRule.START_OF_GROWTH
            ? growthSentence(footing)
            : rootWords.of(footing.roots().stage().orElseThrow(), footing.rule()),
        base,
        look);
  }

  private static Sentence unknown(Footing footing, Optional<SeenAt> look) {
    if (footing.daysSinceMove().orElse(1) == 0) {
      return say("Its roots are in fresh medium since today; they are looked at in some weeks");
    }
    var what =
        footing.rule() == ReadyRule.START_OF_GROWTH ? "its newest growth" : "its newest roots";
    return look.map(seen -> say("Nobody has seen {} since {}", what, seen.on()))
        .orElseGet(() -> say("Nobody has seen {} yet", what))
        .and(say("; it takes a move {}", footing.rule().words()));
  }

  private static Sentence growthSentence(Footing footing) {
    return say(
        "Newest growth: {}; it takes a move {}",
        footing.growth().orElseThrow().words(),
        footing.rule().words());
  }
}
