package almanac.core.judgement.moments;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.evidence.Season;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.MomentFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.need.NeedAhead;
import almanac.core.judgement.readiness.Footing;
import almanac.core.judgement.reason.Reason;
import almanac.core.kinds.ReadyRule;
import almanac.core.roots.RootStage;
import almanac.core.season.Conditions;
import almanac.core.season.Lack;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The moments that lie ahead of one plant for one way of moving it, today first. Rules: The moments
 * ahead.
 */
final class Moments {
  private final Evidence evidence;
  private final Figures figures;
  private final LocalDate today;
  private final LocalDate end;
  private final boolean intact;
  private final NeedAhead need;
  private final LaterBall ball;
  private final Course course;
  private final double pointsToday;
  private final List<Moment> all = new ArrayList<>();
  private Optional<Moment> lastDay = Optional.empty();

  private Moments(Evidence evidence, List<Reason> reasons, boolean intact, int days) {
    this.evidence = evidence;
    this.figures = evidence.figures();
    this.today = evidence.today();
    this.end = today.plusDays(days);
    this.intact = intact;
    this.need = new NeedAhead(evidence, reasons);
    this.ball = new LaterBall(evidence, intact, need);
    this.course = new Course(evidence, end);
    this.pointsToday = Math.round(need.on(today, false));
  }

  /**
   * @param reasons what speaks for a move today
   * @param intact whether the ball would stay whole
   */
  static Moments of(Evidence evidence, List<Reason> reasons, boolean intact) {
    int days = evidence.figures().count(MomentFigures.HORIZON);
    var moments = new Moments(evidence, reasons, intact, days);
    moments.layOut();
    return moments;
  }

  /** Only today, for what does not wait. */
  static Moments todayOnly(Evidence evidence, List<Reason> reasons, boolean intact) {
    var moments = new Moments(evidence, reasons, intact, 0);
    moments.addToday();
    return moments;
  }

  Moment today() {
    return all.get(0);
  }

  /** Every one of them in the order of its likely day, today first. */
  List<Moment> all() {
    return List.copyOf(all);
  }

  /** The last day on which a move is in time; where nothing better comes before, it is taken. */
  void lastDay(LocalDate day) {
    if (!day.isAfter(today) || day.isAfter(end)) {
      return;
    }
    var footing = course.on(day);
    var last =
        moment(
            List.of(WaitCondition.LAST_DAY),
            day,
            day,
            day,
            footing,
            course.showed(day).isPresent());
    lastDay = Optional.of(last);
    all.add(last);
    all.sort(Comparator.comparing(Moment::likely));
  }

  boolean isLastDay(Moment moment) {
    return lastDay.filter(last -> last == moment).isPresent();
  }

  /** How much the plant will want a move. */
  NeedAhead need() {
    return need;
  }

  /** The last day in sight. */
  LocalDate end() {
    return end;
  }

  /** The first day from a given one on which light and warmth carry what can wait. */
  Optional<LocalDate> opens(LocalDate from) {
    return evidence.opensFrom(from);
  }

  private Conditions place() {
    return evidence.situation().conditions();
  }

  private void addToday() {
    all.add(moment(List.of(), today, today, today, course.on(today), false));
  }

  private void layOut() {
    addToday();
    flushOfToday();
    for (var flush : course.flushes()) {
      flush(flush);
    }
    course.flowersOver().ifPresent(day -> flowers(day));
    for (var days : List.of(ReadinessFigures.MOVED_LATELY_DAYS, ReadinessFigures.MOVED_DAYS)) {
      course.overcome(days).ifPresent(day -> at(WaitCondition.SETTLED, day));
    }
    course.eye().ifPresent(this::eye);
    course.plump().ifPresent(day -> at(WaitCondition.WATER, day));
    seasons();
    restOver();
    needs();
    all.sort(Comparator.comparing(Moment::likely));
  }

  /** The roots that show: bumps that break through, and lengths at which a broken one branches. */
  private void flushOfToday() {
    if (evidence.forecast().isEmpty() || evidence.rule() == ReadyRule.START_OF_GROWTH) {
      return;
    }
    var forecast = evidence.forecast().get();
    if (evidence.stage().filter(RootStage.SWELLING::equals).isPresent()
        && evidence.rule() != ReadyRule.LONG_FIRST) {
      var shows = forecast.passes(1, figures);
      between(WaitCondition.NUBS, shows.earliest(), shows.likely(), shows.latest());
    }
    evidence
        .longEnough()
        .ifPresent(
            mm -> {
              var passes = forecast.passes(mm, figures);
              between(
                  WaitCondition.LONG_ROOTS, passes.earliest(), passes.likely(), passes.latest());
            });
  }

  private void flush(NextRoots flush) {
    if (evidence.rule() != ReadyRule.LONG_FIRST) {
      shows(flush);
    }
    evidence
        .longEnough()
        .ifPresent(
            mm ->
                between(
                    WaitCondition.LONG_ROOTS,
                    course.longEnough(flush.earliest(), mm),
                    course.longEnough(flush.likely(), mm),
                    course.longEnough(flush.latest(), mm)));
  }

  /** Roots that will probably show in the dark may yet show before it. */
  private void shows(NextRoots flush) {
    var shuts =
        flush.earliest().isBefore(today) || !openOn(flush.earliest())
            ? Optional.<LocalDate>empty()
            : place().gateOpenUntil(flush.earliest(), evidence.kind().warmth(), figures);
    if (openOn(flush.likely()) || shuts.isEmpty()) {
      between(flush.brings(), flush.earliest(), flush.likely(), flush.latest());
      return;
    }
    var last = shuts.get();
    if (last.isAfter(today)) {
      all.add(
          moment(
              List.of(flush.brings()),
              flush.earliest(),
              last,
              last,
              course.justShowing(last),
              true));
    }
  }

  private boolean openOn(LocalDate day) {
    return place().gateOpen(day, evidence.kind().warmth(), figures);
  }

  private void flowers(LocalDate over) {
    long days = ChronoUnit.DAYS.between(today, over);
    between(
        WaitCondition.FLOWERS_OVER, today.plusDays(days / 2), over, today.plusDays(days * 3 / 2));
  }

  private void eye(LocalDate swollen) {
    int first = figures.count(ReadinessFigures.SNAPPED_FIRST);
    between(WaitCondition.EYE, swollen.minusDays(first), swollen, swollen.plusDays(2L * first));
  }

  /** Light and warmth open, and carry fully. */
  private void seasons() {
    var from = today;
    while (from.isBefore(end)) {
      var opens = opens(from.plusDays(1)).filter(day -> !day.isAfter(end));
      if (opens.isEmpty()) {
        return;
      }
      if (!openOn(opens.get().minusDays(1))) {
        at(lack(opens.get().minusDays(1)), opens.get());
        place()
            .growsFrom(opens.get(), evidence.kind().warmth(), figures)
            .ifPresent(day -> at(lack(day.minusDays(1)), day));
      }
      var shuts = place().gateOpenUntil(opens.get(), evidence.kind().warmth(), figures);
      if (shuts.isEmpty()) {
        return;
      }
      from = shuts.get().plusDays(1);
    }
  }

  /** The ends of the rests that hold a move back. */
  private void restOver() {
    if (evidence.rule() == ReadyRule.START_OF_GROWTH || !evidence.kind().rest().ofWinter()) {
      return;
    }
    for (var wakes = evidence.rest().wakes(); wakes.isBefore(end); wakes = wakes.plusYears(1)) {
      at(WaitCondition.REST_OVER, wakes);
    }
  }

  private WaitCondition lack(LocalDate day) {
    return switch (place().lacks(day, evidence.kind().warmth(), figures).orElse(Lack.LIGHT)) {
      case LIGHT -> WaitCondition.LIGHT;
      case COLD -> WaitCondition.WARMTH;
      case HEAT -> WaitCondition.COOLER_DAYS;
    };
  }

  /** Days on which the need grows. */
  private void needs() {
    need.byAge(figures.of(JudgementFigures.LEAVE_BELOW))
        .ifPresent(day -> at(WaitCondition.MEDIUM_DUE, day));
    need.rimNear().ifPresent(day -> at(WaitCondition.RIM, day));
    need.rimReached().ifPresent(day -> at(WaitCondition.RIM, day));
    if (need.timeless()) {
      var full =
          evidence.situation().standsSince().plusMonths(figures.count(MomentFigures.POT_FULL));
      while (!full.isAfter(today)) {
        full = full.plusYears(1);
      }
      at(WaitCondition.POT_FULL, full);
    }
  }

  private void at(WaitCondition brings, LocalDate day) {
    between(brings, day, day, day);
  }

  private void between(
      WaitCondition brings, LocalDate earliest, LocalDate likely, LocalDate latest) {
    if (!likely.isAfter(today)) {
      return;
    }
    var first = course.showed(likely);
    all.add(
        moment(
            with(brings, likely, first),
            whenOpen(earliest, likely),
            likely,
            latest,
            course.on(likely),
            first.isPresent()));
  }

  /** Where its roots are those of a flush that has to come first, that is waited for too. */
  private List<WaitCondition> with(
      WaitCondition brings, LocalDate likely, Optional<NextRoots> showed) {
    return showed
        .map(NextRoots::brings)
        .filter(
            first ->
                !ball.staysWhole(likely) && first != brings && brings != WaitCondition.LONG_ROOTS)
        .map(first -> List.of(first, brings))
        .orElse(List.of(brings));
  }

  /** What may come while light or warmth is short cannot be used before they are back. */
  private LocalDate whenOpen(LocalDate earliest, LocalDate likely) {
    var from = earliest.isBefore(today) ? today : earliest;
    return opens(from).filter(day -> day.isBefore(likely)).orElse(from);
  }

  private Moment moment(
      List<WaitCondition> brings,
      LocalDate earliest,
      LocalDate likely,
      LocalDate latest,
      Footing footing,
      boolean foretold) {
    double points = Math.round(need.on(likely, brings.contains(WaitCondition.START_OF_GROWTH)));
    return new Moment(
        brings,
        earliest,
        likely,
        latest,
        points,
        Math.round(ball.on(likely).leastOf(footing)),
        foretold,
        open(footing.season()));
  }

  /** Whether it may be moved then, as much as it needs it today. Rules: Season and conditions. */
  private boolean open(Season season) {
    boolean must = pointsToday >= of(JudgementFigures.MUST_FROM);
    boolean costWhatMay =
        pointsToday >= of(JudgementFigures.COST_WHAT_MAY_FROM)
            && evidence.approach() != Approach.WAIT_FOR_NUBS;
    return season.open()
        || costWhatMay
        || intact && (must || evidence.approach() == Approach.UNDISTURBED_ROOTS)
        || must && evidence.leavesADoubtfulMedium();
  }

  private double of(Figure figure) {
    return figures.of(figure);
  }
}
