package almanac.core.judgement.moments;

import almanac.core.figures.Figure;
import almanac.core.history.Approach;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.MomentFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.readiness.Ripeness;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Scale;
import almanac.core.kinds.ReadyRule;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Today held against the days that are still to come: the readiest before the deadline is taken,
 * and of those that are alike the first. Rules: The moments ahead.
 */
public final class Choice {
  private static final double DAYS_A_MONTH = 365.25 / 12;

  private final Evidence evidence;
  private final Moments moments;
  private final boolean intact;
  private final List<Reason> needs;
  private final Optional<LocalDate> deadline;
  private final List<Moment> all;
  private final Optional<Moment> best;

  /**
   * @param reasons what speaks for a move today
   * @param intact whether the ball would stay whole
   */
  public static Choice of(Evidence evidence, List<Reason> reasons, boolean intact) {
    return new Choice(evidence, reasons, intact, Moments.of(evidence, reasons, intact));
  }

  /** For what is moved today, whatever comes. */
  public static Choice ofToday(Evidence evidence, List<Reason> reasons, boolean intact) {
    return new Choice(evidence, reasons, intact, Moments.todayOnly(evidence, reasons, intact));
  }

  private Choice(Evidence evidence, List<Reason> reasons, boolean intact, Moments moments) {
    this.evidence = evidence;
    this.intact = intact;
    this.needs =
        reasons.stream()
            .filter(reason -> reason.points() > 0 && reason.scale() == Scale.NEED)
            .toList();
    this.moments = moments;
    this.deadline = reckoned();
    this.deadline.map(this::whenOpen).ifPresent(moments::lastDay);
    this.all = moments.all();
    this.best = best();
  }

  /** Every moment ahead, today first. */
  public List<Moment> moments() {
    return all;
  }

  /** What today is worth. */
  public Moment today() {
    return moments.today();
  }

  /** By when it should not be in its pot any longer; nothing if no such day is in sight. */
  public Optional<LocalDate> deadline() {
    return deadline;
  }

  /** Whether it is moved now. */
  public boolean now() {
    double need = moments.today().need();
    if (best.filter(moments.today()::equals).isEmpty()) {
      return false;
    }
    return need >= of(JudgementFigures.LEAVE_BELOW)
        || need >= of(MomentFigures.LITTLE_NEED) && lastGoodMoment();
  }

  /** What it waits for, if it wants a move and today is not the day. */
  public Optional<Moment> awaited() {
    return moments.today().need() < of(JudgementFigures.LEAVE_BELOW)
        ? Optional.empty()
        : best.filter(moment -> moment != moments.today()).map(this::endingInTime);
  }

  /** Whether today would be the day if the roots, which nobody has seen, are as they should be. */
  public boolean lookFirst() {
    return evidence.unseenRoots()
        && evidence.season().open()
        && new Ripeness(evidence, intact).today().most()
            >= best.map(this::worth).orElse(0.0) - of(MomentFigures.ALIKE);
  }

  /** The move that is to be expected, wanted by now or not; nothing if none is in sight. */
  public Optional<Moment> expected() {
    if (moments.today().need() >= of(JudgementFigures.LEAVE_BELOW)) {
      return best;
    }
    var wanted = all.stream().filter(this::wanted).toList();
    return readiest(wanted.stream().filter(this::inTime).filter(Moment::open).toList())
        .or(() -> readiest(wanted.stream().filter(Moment::open).toList()))
        .or(() -> wanted.stream().findFirst())
        .or(() -> all.stream().filter(moment -> !readier(moment)).findFirst());
  }

  /** A wait never goes beyond the deadline. */
  private Moment endingInTime(Moment moment) {
    if (deadline.isEmpty() || !inTime(moment)) {
      return moment;
    }
    var last = later(whenOpen(deadline.get()), moment.likely());
    return new Moment(
        moment.brings(),
        moment.earliest(),
        moment.likely(),
        moment.latest().isBefore(last) ? moment.latest() : last,
        moment.need(),
        moment.readiness(),
        moment.foretold(),
        moment.open());
  }

  private static LocalDate later(LocalDate a, LocalDate b) {
    return a.isAfter(b) ? a : b;
  }

  private boolean wanted(Moment moment) {
    return moment.need() >= of(JudgementFigures.LEAVE_BELOW);
  }

  /** Whether it brings more than a greater need. */
  private static boolean readier(Moment moment) {
    var brings = moment.brings();
    return brings.isEmpty() || !brings.get(brings.size() - 1).needOnly();
  }

  private Optional<Moment> best() {
    var possible =
        all.stream()
            .filter(Moment::open)
            .filter(moment -> moment == moments.today() || wanted(moment) && readier(moment))
            .toList();
    var chosen =
        overdue() ? firstGood(possible) : readiest(possible.stream().filter(this::inTime).toList());
    return chosen.or(() -> possible.stream().findFirst());
  }

  /** The first of those that are alike; where none is good, the last of them. */
  private Optional<Moment> readiest(List<Moment> among) {
    double most = among.stream().mapToDouble(this::worth).max().orElse(0);
    if (most < of(JudgementFigures.READY_ENOUGH) && !cannotStay()) {
      return lastOfThePoor(among);
    }
    return among.stream()
        .filter(moment -> worth(moment) >= most - of(MomentFigures.ALIKE))
        .min(Comparator.comparing(moments::isLastDay).thenComparing(Moment::likely));
  }

  /** Better roots may come sooner than they are foretold. */
  private Optional<Moment> lastOfThePoor(List<Moment> among) {
    double most = among.stream().mapToDouble(Moment::readiness).max().orElse(0);
    return among.stream()
        .filter(moment -> moment.readiness() >= most - of(MomentFigures.ALIKE))
        .max(Comparator.comparing(Moment::likely));
  }

  /**
   * What can be foretold but roughly is easily missed, and waiting costs; a ball moved whole, or a
   * kind that takes it at any time, is hardly readier at its best.
   */
  private double worth(Moment moment) {
    double months = ChronoUnit.DAYS.between(evidence.today(), moment.likely()) / DAYS_A_MONTH;
    double sure = moment.foretold() ? 1 - of(MomentFigures.UNSURE) / 100 : 1;
    return Math.min(moment.readiness(), enough()) * sure - months * of(MomentFigures.A_MONTH);
  }

  private double enough() {
    if (intact) {
      return of(ReadinessFigures.INTACT_MOVE);
    }
    return evidence.rule() == ReadyRule.ANY_TIME ? of(MomentFigures.ANY_TIME) : 100;
  }

  /** Whether no day as good as this one comes in time. */
  private boolean lastGoodMoment() {
    double today = worth(moments.today());
    return !intact
        && !evidence.unseenRoots()
        && today >= of(JudgementFigures.GOOD_MOMENT)
        && deadline.isPresent()
        && deadline.get().isBefore(moments.end())
        && all.stream()
            .skip(1)
            .filter(Moment::open)
            .filter(this::inTime)
            .noneMatch(moment -> worth(moment) >= today - of(MomentFigures.ALIKE));
  }

  private boolean inTime(Moment moment) {
    return moment == moments.today()
        || deadline.isEmpty()
        || !moment.likely().isAfter(whenOpen(deadline.get()));
  }

  private boolean overdue() {
    return deadline.filter(day -> whenOpen(day).isBefore(evidence.today())).isPresent();
  }

  /** What should have been moved by now is moved at the first good moment that is near. */
  private Optional<Moment> firstGood(List<Moment> among) {
    var wait = cannotStay() ? JudgementFigures.REPOT_WITHIN : MomentFigures.SHORT_WAIT;
    var last = evidence.today().plusDays(evidence.figures().count(wait));
    return among.stream()
        .filter(moment -> !moment.likely().isAfter(last))
        .filter(moment -> worth(moment) >= of(JudgementFigures.READY_ENOUGH))
        .findFirst();
  }

  private boolean cannotStay() {
    return moments.today().need() >= of(JudgementFigures.COST_WHAT_MAY_FROM);
  }

  /**
   * A deadline that light or warmth does not let anybody keep is some weeks after they are back.
   */
  private LocalDate whenOpen(LocalDate day) {
    if (cannotStay()) {
      return day;
    }
    return moments
        .opens(day)
        .filter(opens -> opens.isAfter(day))
        .map(opens -> opens.plusDays(Deadline.weeks(evidence.figures())))
        .orElse(day);
  }

  private Optional<LocalDate> reckoned() {
    var ofItself = Deadline.of(evidence, moments.need());
    if (!cannotStay() || evidence.approach() == Approach.WAIT_FOR_NUBS) {
      return ofItself;
    }
    var soon = cannotStaySince().plusDays(Deadline.weeks(evidence.figures()));
    return ofItself.filter(soon::isAfter).or(() -> Optional.of(soon));
  }

  /** The day of the look with which the needs became too many. */
  private LocalDate cannotStaySince() {
    var byDay = needs.stream().sorted(Comparator.comparing(this::seenSince)).toList();
    double points = 0;
    for (var reason : byDay) {
      points += reason.points();
      if (Math.round(points) >= of(JudgementFigures.COST_WHAT_MAY_FROM)
          && reason.look().isPresent()) {
        return seenSince(reason);
      }
    }
    return evidence.today();
  }

  private LocalDate seenSince(Reason reason) {
    return reason.look().map(evidence::firstSeen).orElse(LocalDate.MIN);
  }

  /** Since when the last of its needs has been seen; nothing where all rest on the calendar. */
  public Optional<LocalDate> restsOn() {
    return needs.stream()
        .flatMap(reason -> reason.look().stream())
        .map(evidence::firstSeen)
        .max(LocalDate::compareTo);
  }

  private double of(Figure figure) {
    return evidence.figures().of(figure);
  }
}
