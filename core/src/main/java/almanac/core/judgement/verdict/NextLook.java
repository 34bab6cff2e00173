package almanac.core.judgement.verdict;

import static almanac.core.words.Sentence.say;

import almanac.core.checks.Check;
import almanac.core.checks.Purpose;
import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.moments.Wait;
import almanac.core.judgement.moments.WaitCondition;
import almanac.core.kinds.KindFigures;
import almanac.core.kinds.Trait;
import almanac.core.medium.MediumFigures;
import almanac.core.rest.RestFigures;
import almanac.core.rest.RestPhase;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/** When somebody should look again. Rules: From need to verdict, next look. */
final class NextLook {
  /** No look has a single day. */
  private static final int SOME_DAYS = 2;

  private final Evidence evidence;
  private final Figures figures;
  private final LocalDate today;

  private NextLook(Evidence evidence) {
    this.evidence = evidence;
    this.figures = evidence.figures();
    this.today = evidence.today();
  }

  static Check after(Verdict verdict, Timing timing, Evidence evidence) {
    var next = new NextLook(evidence);
    if (verdict == Verdict.RESCUE || verdict == Verdict.LET_GO) {
      return new Check(Purpose.AS_JUDGED, Window.between(next.today, next.today.plusDays(1)));
    }
    if (timing.lastDay().isPresent()) {
      return new Check(Purpose.AS_JUDGED, next.until(timing.lastDay().get()));
    }
    if (evidence.situation().history().inspections().isEmpty()) {
      var day = next.in(JudgementFigures.FIRST_LOOK);
      return new Check(Purpose.FIRST_LOOK, Window.between(next.today, day));
    }
    if (timing instanceof Timing.Waits waits) {
      var before = next.before(waits.awaited());
      var window = next.soonAfterAFinding(next.whileWaking(before));
      return new Check(
          Purpose.AS_JUDGED,
          window,
          Optional.of(waits.awaited()).filter(wait -> window.equals(before)).map(next::why));
    }
    return new Check(Purpose.AS_JUDGED, next.soonAfterAFinding(next.quiet(verdict)));
  }

  /** Who may be moved now and was not is seen within some weeks, however long that may wait. */
  private Window until(LocalDate last) {
    var weeks = in(JudgementFigures.REPOT_WITHIN);
    var soon = last.isBefore(today) ? weeks : earlier(last, weeks);
    var again = in(JudgementFigures.AHEAD);
    return Window.between(Window.between(today, soon).best(), soon).notBefore(again);
  }

  /** Why a look for a wait lies where it does; it moves with the forecast. */
  private Sentence why(Wait wait) {
    if (wait.conditions().contains(WaitCondition.LOOK_AT_ROOTS)) {
      return say("It waits for {}.", wait.words());
    }
    return wide(wait)
        ? say(
            "It waits for {}, which nobody can foretell well: half way to {}.",
            wait.words(),
            wait.likely())
        : say(
            "It waits for {}: shortly before {}, the first day on which that may be.",
            wait.words(),
            wait.earliest());
  }

  private boolean wide(Wait wait) {
    return ChronoUnit.DAYS.between(wait.earliest(), wait.latest())
        > figures.of(JudgementFigures.WIDE);
  }

  /**
   * Shortly before the window opens; at half time if nobody can say well when that is. Long roots
   * stay long: they are looked for week by week.
   */
  private Window before(Wait wait) {
    if (wait.conditions().contains(WaitCondition.LOOK_AT_ROOTS)) {
      return Window.between(wait.earliest(), wait.latest());
    }
    var best =
        wide(wait)
            ? today.plusDays(ChronoUnit.DAYS.between(today, wait.likely()) / 2)
            : wait.earliest().minusDays(figures.count(JudgementFigures.AHEAD));
    if (wait.conditions().contains(WaitCondition.LONG_ROOTS)) {
      var aWeek = earlier(in(JudgementFigures.AHEAD), wait.latest());
      return endingBefore(wait.latest(), about(best.isBefore(aWeek) ? aWeek : best));
    }
    return endingBefore(wait.likely(), about(best));
  }

  /** A look that is booked for a wait lies before the wait ends. */
  private Window endingBefore(LocalDate end, Window window) {
    if (window.late().isBefore(end) || !end.isAfter(today)) {
      return window;
    }
    var last = end.minusDays(1);
    var early = earlier(window.early(), last.minusDays(SOME_DAYS));
    return new Window(
        early.isBefore(today) ? today : early,
        earlier(window.best(), last),
        earlier(window.late(), last));
  }

  /** After pests, rot or a broken lead it is days, not the season's end. */
  private Window soonAfterAFinding(Window window) {
    var soon =
        evidence
            .foundOn()
            .map(day -> day.plusDays(figures.count(JudgementFigures.AFTER_FINDING)))
            .or(this::afterItWilted)
            .or(this::atTheBrokenLead)
            .map(day -> day.isAfter(today) ? day : in(JudgementFigures.LOOK_FIRST));
    return soon.filter(day -> day.isBefore(window.best())).map(this::about).orElse(window);
  }

  private Optional<LocalDate> afterItWilted() {
    return evidence.wiltsAfterAMove()
        ? evidence
            .thirstySince()
            .map(day -> day.plusDays(figures.count(JudgementFigures.AFTER_FINDING)))
        : Optional.empty();
  }

  private Optional<LocalDate> atTheBrokenLead() {
    return evidence
        .leadSnappedOn()
        .map(
            day -> {
              var first = day.plusDays(figures.count(ReadinessFigures.SNAPPED_FIRST));
              return first.isAfter(today)
                  ? first
                  : day.plusDays(figures.count(ReadinessFigures.SNAPPED_AGAIN));
            });
  }

  /** By how fast the plant grows and how far its medium is. */
  private Window quiet(Verdict verdict) {
    double days =
        figures.of(
            evidence.season().growing()
                ? JudgementFigures.LEAVE_GROWING
                : JudgementFigures.LEAVE_RESTING);
    double pace = KindFigures.ROOT_SPEED.standard() / evidence.kind().of(Trait.ROOT_SPEED);
    var best = today.plusDays(Math.round(days * Math.min(1, pace)));
    var due = evidence.clock().reaches(figures.of(MediumFigures.DUE), today, evidence.tests());
    if (due.isPresent() && due.get().isAfter(today)) {
      best = earlier(best, due.get());
    }
    if (evidence.pottingUnknown() && evidence.tests().isEmpty()) {
      best = earlier(best, in(JudgementFigures.FIRST_LOOK));
    }
    return about(atItsRest(verdict == Verdict.WATCH ? watched(best) : best));
  }

  /** Nobody disturbs what rests before it may wake; then its new growth is looked for weekly. */
  private LocalDate atItsRest(LocalDate quiet) {
    var rest = evidence.rest();
    return switch (rest.phase()) {
      case IN_GROWTH -> quiet;
      case WAKING -> earlier(quiet, in(RestFigures.LOOK));
      case GOING, AT_REST -> {
        var wakes = rest.wakes();
        yield wakes.isAfter(today) ? earlier(quiet, wakes) : quiet;
      }
    };
  }

  private Window whileWaking(Window window) {
    return evidence.rest().phase() == RestPhase.WAKING
            && window.best().isAfter(in(RestFigures.LOOK))
        ? about(in(RestFigures.LOOK))
        : window;
  }

  /** A window that opens or closes is seen before; nubs that come out of season open none. */
  private LocalDate watched(LocalDate quiet) {
    var turns =
        evidence.season().open()
            ? evidence.forecast().map(roots -> roots.nubUntil(figures).earliest())
            : evidence.gateOpens();
    var soon = earlier(quiet, in(JudgementFigures.WINDOW_SOON));
    return turns
        .filter(day -> day.isAfter(today))
        .map(day -> earlier(soon, day.minusDays(figures.count(JudgementFigures.AHEAD))))
        .orElse(soon);
  }

  private Window about(LocalDate best) {
    var soonest = in(JudgementFigures.LOOK_FIRST);
    double share = figures.of(JudgementFigures.WINDOW_SHARE) / 100;
    return Window.about(best.isBefore(soonest) ? soonest : best, today, share);
  }

  private LocalDate in(almanac.core.figures.Figure days) {
    return today.plusDays(figures.count(days));
  }

  private static LocalDate earlier(LocalDate a, LocalDate b) {
    return a.isBefore(b) ? a : b;
  }
}
