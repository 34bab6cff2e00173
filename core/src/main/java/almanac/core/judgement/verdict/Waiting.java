package almanac.core.judgement.verdict;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.readiness.Footing;
import almanac.core.judgement.readiness.Readiness;
import almanac.core.kinds.Trait;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;

/** Finds what a plant that should be moved has to wait for. Rules: Wait for. */
final class Waiting {
  private static final int DAYS_A_YEAR = 365;

  /** One thing that may come true, with what it changes. */
  private record Change(Wait awaited, UnaryOperator<Footing> then) {
    Change and(Change other) {
      return new Change(
          awaited.and(other.awaited), footing -> other.then.apply(then.apply(footing)));
    }
  }

  private final Evidence evidence;
  private final Figures figures;
  private final LocalDate today;

  private Waiting(Evidence evidence) {
    this.evidence = evidence;
    this.figures = evidence.figures();
    this.today = evidence.today();
  }

  /**
   * The fewest conditions that make the plant ready enough, and among those the ones that come true
   * first. If nothing would, the next nubs.
   */
  static Wait of(Evidence evidence) {
    if (evidence.rootless()) {
      var came = evidence.situation().arrival().orElseThrow().on();
      var year = came.plusDays(evidence.figures().count(ReadinessFigures.ROOTLESS_DAYS));
      return new Wait(List.of(WaitCondition.OWN_ROOTS), evidence.today(), year, year);
    }
    if (evidence.undecidedRoots()) {
      int soon = evidence.figures().count(JudgementFigures.LOOK_FIRST);
      var today = evidence.today();
      return new Wait(List.of(WaitCondition.LOOK_AT_ROOTS), today, today, today.plusDays(soon));
    }
    return new Waiting(evidence).find();
  }

  private Wait find() {
    var single = changes();
    var sets = new ArrayList<>(single);
    for (int size = 1; size <= single.size(); size++) {
      var best =
          sets.stream()
              .filter(this::makesReady)
              .min(Comparator.comparing(change -> change.awaited().likely()));
      if (best.isPresent()) {
        return best.get().awaited();
      }
      sets = pairUp(sets, single);
    }
    return nextNubs().awaited();
  }

  private static ArrayList<Change> pairUp(List<Change> sets, List<Change> single) {
    var larger = new ArrayList<Change>();
    for (var set : sets) {
      for (var one : single) {
        if (!set.awaited().conditions().contains(one.awaited().conditions().get(0))) {
          larger.add(set.and(one));
        }
      }
    }
    return larger;
  }

  private boolean makesReady(Change change) {
    var then = change.then().apply(Footing.of(evidence));
    return Readiness.leastOf(then, figures) >= figures.of(JudgementFigures.READY_ENOUGH);
  }

  private List<Change> changes() {
    var changes = new ArrayList<Change>();
    longRoots().ifPresent(changes::add);
    changes.add(nextNubs());
    flowersOver().ifPresent(changes::add);
    season().ifPresent(changes::add);
    settled().ifPresent(changes::add);
    return changes;
  }

  private Optional<Change> longRoots() {
    if (evidence.forecast().isEmpty() || evidence.longEnough().isEmpty()) {
      return Optional.empty();
    }
    double length = evidence.longEnough().getAsDouble();
    var passing = evidence.forecast().get().passes(length, figures);
    return Optional.of(
        new Change(
            wait(WaitCondition.LONG_ROOTS, passing.earliest(), passing.likely(), passing.latest()),
            footing -> footing.withRoots(RootStage.LONG, OptionalDouble.of(length))));
  }

  /** The next flush comes with the next growth; when that is, is only roughly known. */
  private Change nextNubs() {
    double aYear = Math.max(1, evidence.kind().of(Trait.GROWTHS_A_YEAR));
    long span = Math.round(DAYS_A_YEAR / aYear);
    return new Change(
        wait(
            WaitCondition.NEXT_NUBS,
            today.plusDays(span / 4),
            today.plusDays(span / 2),
            today.plusDays(span)),
        footing -> footing.withRoots(RootStage.NUB, OptionalDouble.empty()));
  }

  private Optional<Change> flowersOver() {
    return evidence
        .bloom()
        .flatMap(
            bloom ->
                switch (bloom) {
                  case SPIKE -> Optional.of(JudgementFigures.FLOWERS_SPIKE);
                  case BUDS -> Optional.of(JudgementFigures.FLOWERS_BUDS);
                  case OPEN -> Optional.of(JudgementFigures.FLOWERS_OPEN);
                  case FADING -> Optional.of(JudgementFigures.FLOWERS_FADING);
                  case NONE, FINISHED -> Optional.<Figure>empty();
                })
        .map(figures::count)
        .map(
            days ->
                new Change(
                    wait(
                        WaitCondition.FLOWERS_OVER,
                        today.plusDays(days / 2),
                        today.plusDays(days),
                        today.plusDays(days * 3L / 2)),
                    Footing::flowersOver));
  }

  private Optional<Change> season() {
    if (evidence.lack().isEmpty()) {
      return Optional.empty();
    }
    var awaited =
        switch (evidence.lack().get()) {
          case LIGHT -> WaitCondition.LIGHT;
          case COLD -> WaitCondition.WARMTH;
          case HEAT -> WaitCondition.COOLER_DAYS;
        };
    return evidence
        .situation()
        .conditions()
        .carryGrowthFrom(today, evidence.kind().warmth(), figures)
        .map(day -> new Change(wait(awaited, day, day, day), Footing::inSeasonAgain));
  }

  private Optional<Change> settled() {
    int half = figures.count(ReadinessFigures.MOVED_DAYS);
    if (evidence.daysSinceMove().isEmpty() || evidence.daysSinceMove().getAsLong() > half) {
      return Optional.empty();
    }
    var day = today.plusDays(half - evidence.daysSinceMove().getAsLong() + 1);
    return Optional.of(new Change(wait(WaitCondition.SETTLED, day, day, day), Footing::settled));
  }

  /** What has not come true by today can come true today at the earliest. */
  private Wait wait(
      WaitCondition condition, LocalDate earliest, LocalDate likely, LocalDate latest) {
    return new Wait(List.of(condition), notBefore(earliest), notBefore(likely), notBefore(latest));
  }

  private LocalDate notBefore(LocalDate day) {
    return day.isBefore(today) ? today : day;
  }
}
