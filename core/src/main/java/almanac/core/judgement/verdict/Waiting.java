package almanac.core.judgement.verdict;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.inspection.InspectionFigures;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.evidence.Season;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.readiness.Footing;
import almanac.core.kinds.Habit;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import almanac.core.roots.RootFigures;
import almanac.core.roots.RootStage;
import almanac.core.season.Lack;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;

/**
 * Finds what a plant that should be moved has to wait for. Whatever comes true, the season has to
 * carry the move on that day too. Rules: Wait for.
 */
final class Waiting {
  private static final int DAYS_A_YEAR = 365;
  private static final double DAYS_A_WEEK = 7;

  /** From the day the gate opens the light is enough for anything within so many days. */
  private static final int MOST_STEPS = 400;

  /** One thing that may come true, with what it changes. */
  private record Change(Wait awaited, UnaryOperator<Footing> then) {
    Change and(Change other) {
      return new Change(
          awaited.and(other.awaited), footing -> other.then.apply(then.apply(footing)));
    }
  }

  private final Evidence evidence;
  private final Method method;
  private final double need;
  private final Figures figures;
  private final LocalDate today;
  private final Ripeness ripeness;
  private final Footing footing;

  private Waiting(Evidence evidence, Method method, double need) {
    this.evidence = evidence;
    this.method = method;
    this.need = need;
    this.figures = evidence.figures();
    this.today = evidence.today();
    this.ripeness = new Ripeness(evidence, method);
    this.footing = Footing.of(evidence);
  }

  /**
   * The fewest conditions that make the plant ready enough, and among those the ones that come true
   * first. If nothing would, the next roots.
   */
  static Wait of(Evidence evidence, Method method, double need) {
    if (evidence.rootless()) {
      var came = evidence.situation().arrival().orElseThrow().on();
      var year = came.plusDays(evidence.figures().count(ReadinessFigures.ROOTLESS_DAYS));
      return new Wait(List.of(WaitCondition.OWN_ROOTS), evidence.today(), year, year);
    }
    var waiting = new Waiting(evidence, method, need);
    if (waiting.gateFrom(evidence.today()).isEmpty() && !evidence.season().open()) {
      return waiting.elsewhere();
    }
    return evidence.undecidedRoots() && evidence.rule() != ReadyRule.START_OF_GROWTH
        ? waiting.lookFirst()
        : waiting.find();
  }

  /** One look decides, at once or when the season carries what it may say. */
  private Wait lookFirst() {
    int soon = figures.count(JudgementFigures.LOOK_FIRST);
    var look = List.of(WaitCondition.LOOK_AT_ROOTS);
    boolean goesOn =
        evidence.kind().of(Trait.READY_RULE) == ReadyRule.TIPS_GROWING
            && evidence.situation().conditions().warm(today, evidence.kind().warmth(), figures);
    if (evidence.season().open() || goesOn) {
      return new Wait(look, today, today, today.plusDays(soon));
    }
    return gateFrom(today)
        .map(day -> new Wait(List.of(season(today)), day, day, day))
        .map(light -> light.and(new Wait(look, light.likely(), light.likely(), light.latest())))
        .orElseGet(() -> new Wait(look, today, today, today.plusDays(soon)));
  }

  private Optional<LocalDate> gateFrom(LocalDate day) {
    return evidence.situation().conditions().gateOpensFrom(day, evidence.kind().warmth(), figures);
  }

  /** Where it stands no day of the year carries a move. */
  private Wait elsewhere() {
    return wait(
        WaitCondition.BETTER_PLACE,
        today,
        today.plusDays(DAYS_A_YEAR / 2),
        today.plusDays(DAYS_A_YEAR));
  }

  private Wait find() {
    var alone = carried(new Change(new Wait(List.of(), today, today, today), then -> then));
    if (alone.isPresent()) {
      return alone.get();
    }
    var single = changes();
    var sets = new ArrayList<>(single);
    for (int size = 1; size <= single.size(); size++) {
      var best =
          sets.stream()
              .flatMap(change -> carried(change).stream())
              .min(Comparator.comparing(Wait::likely));
      if (best.isPresent()) {
        return best.get();
      }
      sets = pairUp(sets, single);
    }
    return nextRoots().awaited();
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

  /** The wait until that has come true and the season carries the move; nothing if none would. */
  private Optional<Wait> carried(Change change) {
    if (!ready(change, Season.GROWING, change.awaited().likely())) {
      return Optional.empty();
    }
    var day = change.awaited().likely();
    for (int i = 0; i < MOST_STEPS; i++) {
      var season = seasonOn(day, change);
      if (!season.open()) {
        var opens = gateFrom(day.plusDays(1));
        if (opens.isEmpty()) {
          return Optional.empty();
        }
        day = opens.get();
      } else if (ready(change, season, day)) {
        return Optional.of(onThat(day, change.awaited()));
      } else {
        day = day.plusDays(1);
      }
    }
    return Optional.empty();
  }

  private Season seasonOn(LocalDate day, Change change) {
    var then = change.then().apply(grownOn(day));
    boolean tips = then.roots().stage().filter(RootStage::measurable).isPresent();
    return Season.on(day, evidence.situation(), tips, figures);
  }

  private boolean ready(Change change, Season season, LocalDate day) {
    long days = ChronoUnit.DAYS.between(today, day);
    var then = change.then().apply(grownOn(day).later(season, days));
    return ripeness.leastOf(then) >= figures.of(JudgementFigures.READY_ENOUGH)
        && Decision.mayBeMoved(evidence, method, need, season.open());
  }

  /** Roots that grow now have grown on by then; after some months they have gone in. */
  private Footing grownOn(LocalDate day) {
    if (evidence.forecast().isEmpty() || !evidence.roots().growing()) {
      return footing;
    }
    var forecast = evidence.forecast().get();
    long age = ChronoUnit.DAYS.between(forecast.look().on(), day);
    return age > figures.of(ReadinessFigures.FORECAST_DAYS)
        ? footing.rootedTo(RootStage.ANCHORED, OptionalDouble.empty())
        : footing.rootedTo(
            forecast.stageOn(day, figures), OptionalDouble.of(forecast.lengthOn(day)));
  }

  /** Where the season puts it off, it is named too. */
  private Wait onThat(LocalDate day, Wait awaited) {
    if (!day.isAfter(awaited.likely()) && !awaited.isNothing()) {
      return awaited;
    }
    var season = new Wait(List.of(season(awaited.likely())), day, day, day);
    return awaited.isNothing() ? season : awaited.and(season);
  }

  private WaitCondition season(LocalDate day) {
    var lack = evidence.situation().conditions().lacks(day, evidence.kind().warmth(), figures);
    if (lack.isEmpty() && evidence.season().resting()) {
      return WaitCondition.GROWTH;
    }
    return switch (lack.orElse(Lack.LIGHT)) {
      case LIGHT -> WaitCondition.LIGHT;
      case COLD -> WaitCondition.WARMTH;
      case HEAT -> WaitCondition.COOLER_DAYS;
    };
  }

  private List<Change> changes() {
    var changes = new ArrayList<Change>();
    longRoots().ifPresent(changes::add);
    changes.add(nextRoots());
    flowersOver().ifPresent(changes::add);
    settled().ifPresent(changes::add);
    eye().ifPresent(changes::add);
    watered().ifPresent(changes::add);
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
            then -> then.withRoots(RootStage.LONG, OptionalDouble.of(length))));
  }

  /** The next flush; when that comes is only roughly known. */
  private Change nextRoots() {
    if (evidence.rule() == ReadyRule.START_OF_GROWTH) {
      return new Change(inYears(WaitCondition.START_OF_GROWTH, 1), Footing::starting);
    }
    UnaryOperator<Footing> nubs = then -> then.withRoots(RootStage.NUB, OptionalDouble.empty());
    if (evidence.kind().of(Trait.HABIT) == Habit.MONOPODIAL) {
      return new Change(
          inYears(WaitCondition.NEW_TIPS, figures.of(JudgementFigures.TIPS_A_YEAR)), nubs);
    }
    var next =
        inYears(WaitCondition.NEXT_NUBS, Math.max(1, evidence.kind().of(Trait.GROWTHS_A_YEAR)));
    return evidence.rule() == ReadyRule.LONG_FIRST ? untilLong(next) : new Change(next, nubs);
  }

  /** The next flush has to come first, and then to grow. */
  private Change untilLong(Wait next) {
    double length = figures.of(RootFigures.LONG_FIRST);
    long days = Math.round(DAYS_A_WEEK * length / evidence.kind().of(Trait.ROOT_SPEED));
    return new Change(
        wait(
            WaitCondition.LONG_ROOTS,
            next.earliest().plusDays(days),
            next.likely().plusDays(days),
            next.latest().plusDays(days)),
        then -> then.withRoots(RootStage.LONG, OptionalDouble.of(length)));
  }

  /** Something that comes so many times a year, nobody knows when. */
  private Wait inYears(WaitCondition condition, double timesAYear) {
    long span = Math.round(DAYS_A_YEAR / timesAYear);
    return wait(
        condition, today.plusDays(span / 4), today.plusDays(span / 2), today.plusDays(span));
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

  private Optional<Change> settled() {
    int half = figures.count(ReadinessFigures.MOVED_DAYS);
    if (evidence.daysSinceMove().isEmpty() || evidence.daysSinceMove().getAsLong() > half) {
      return Optional.empty();
    }
    var day = today.plusDays(half - evidence.daysSinceMove().getAsLong() + 1);
    return Optional.of(new Change(wait(WaitCondition.SETTLED, day, day, day), Footing::settled));
  }

  /** An eye may swell a month or two after a lead was snapped off. */
  private Optional<Change> eye() {
    return evidence
        .leadSnappedOn()
        .map(
            day ->
                new Change(
                    wait(
                        WaitCondition.EYE,
                        day.plusDays(figures.count(ReadinessFigures.SNAPPED_FIRST)),
                        day.plusDays(figures.count(ReadinessFigures.SNAPPED_AGAIN)),
                        day.plusDays(2L * figures.count(ReadinessFigures.SNAPPED_AGAIN))),
                    Footing::mended));
  }

  /** A plant that has dried out is wetted through first. */
  private Optional<Change> watered() {
    int days = figures.count(InspectionFigures.ABOVE);
    return footing.dehydrated()
        ? Optional.of(
            new Change(
                wait(
                    WaitCondition.WATER,
                    today.plusDays(days / 2),
                    today.plusDays(days),
                    today.plusDays(2L * days)),
                Footing::watered))
        : Optional.empty();
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
