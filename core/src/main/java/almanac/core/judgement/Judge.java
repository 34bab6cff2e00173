package almanac.core.judgement;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.inspection.Item;
import almanac.core.inspection.Rim;
import almanac.core.inspection.RootsCrowding;
import almanac.core.judgement.Reason.Scale;
import almanac.core.medium.MediumFigures;
import almanac.core.roots.RootStage;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Judges one plant on one day: the same situation and figures always give the same judgement. */
public final class Judge {
  private final Figures figures;
  private final Approach approach;

  /** Judges by the house rules. */
  public Judge(Figures figures) {
    this(figures, Approach.HOUSE_RULES);
  }

  public Judge(Figures figures, Approach approach) {
    this.figures = figures;
    this.approach = approach;
  }

  /** The verdict on a plant, with its reasons. */
  public Judgement judge(Situation situation) {
    var evidence = new Evidence(situation, figures, approach);
    var weighing = Needs.of(evidence);
    var needs = weighing.reasons();
    boolean hazard = needs.stream().anyMatch(reason -> reason.scale() == Scale.HAZARD);
    var method = hazard ? Verdict.RESCUE : Methods.of(evidence, needs);
    var rootWork = Readiness.of(Footing.of(evidence), figures);
    var readiness = rootWork;
    if (approach == Approach.FRESH_START) {
      readiness = readiness.lacking(of(ReadinessFigures.FRESH_START_LACK) / 100);
    }
    if (method == Verdict.MOVE_UP && barelyDisturbed(evidence)) {
      readiness = readiness.atLeast(of(ReadinessFigures.INTACT_MOVE));
    }
    double need = Math.min(of(NeedFigures.MOST), needs.stream().mapToDouble(Reason::points).sum());

    var letGo = LettingGo.because(evidence);
    var verdict =
        letGo.isPresent()
            ? Verdict.LET_GO
            : hazard ? Verdict.RESCUE : verdict(evidence, weighing, method, need, readiness);
    var timing = timing(verdict, evidence);
    var reasons = new ArrayList<>(needs);
    reasons.addAll(readiness.reasons());
    reasons.sort(
        Comparator.comparing(Reason::side)
            .thenComparing(Reason::scale)
            .thenComparing(Comparator.comparingDouble(Reason::points).reversed()));
    return new Judgement(
        verdict,
        letGo.orElseGet(() -> advice(verdict, timing, evidence, need, rootWork)),
        method,
        weighing.careFixes(),
        timing,
        need,
        readiness.least(),
        readiness.most(),
        List.copyOf(reasons),
        evidence.notLookedAt(),
        evidence.stale(),
        NextLook.after(verdict, timing, evidence),
        evidence.used,
        evidence.forecast);
  }

  /** An intact move asks only that the season holds or the plant is rooting. */
  private boolean barelyDisturbed(Evidence evidence) {
    return approach == Approach.UNDISTURBED_ROOTS
        || evidence.inSeason
        || evidence.stage.filter(stage -> stage != RootStage.NONE).isPresent();
  }

  private Verdict verdict(
      Evidence evidence, Weighing weighing, Verdict method, double need, Readiness readiness) {
    if (RoomNeeds.rim(evidence).filter(Rim.DEFORMING::equals).isPresent()) {
      return method;
    }
    if (LiftAndLook.wanted(evidence, weighing.reasons())) {
      return Verdict.LIFT_AND_LOOK;
    }
    if (need < of(JudgementFigures.LEAVE_BELOW)) {
      if (!weighing.careFixes().isEmpty()) {
        return Verdict.ADJUST_CARE;
      }
      return somethingMoves(evidence, need) ? Verdict.WATCH : Verdict.LEAVE;
    }
    if (need < of(JudgementFigures.MUST_FROM)) {
      return readiness.least() >= of(JudgementFigures.GOOD_MOMENT) ? method : Verdict.WATCH;
    }
    boolean ready = readiness.least() >= of(JudgementFigures.READY_ENOUGH);
    boolean costWhatMay =
        need >= of(JudgementFigures.COST_WHAT_MAY_FROM) && approach != Approach.WAIT_FOR_NUBS;
    return ready || costWhatMay ? method : Verdict.WAIT_FOR;
  }

  private boolean somethingMoves(Evidence evidence, double need) {
    boolean rimSoon = RoomNeeds.rim(evidence).filter(rim -> rim != Rim.ROOM).isPresent();
    boolean leavesThePot = evidence.look(Item.CROWDING).saw(RootsCrowding.OUT_OF_HOLES);
    return turnsDueSoon(evidence)
        || rimSoon
        || leavesThePot
        || (need > 0 && nubWindowEnds(evidence).isPresent());
  }

  private boolean turnsDueSoon(Evidence evidence) {
    var soon = evidence.today.plusDays(figures.count(JudgementFigures.DUE_SOON));
    return evidence
        .clock
        .reaches(of(MediumFigures.DUE), evidence.today, evidence.tests, figures)
        .filter(day -> !day.isAfter(soon))
        .isPresent();
  }

  /** The day on which the nubs become too long, if that is soon. */
  private Optional<LocalDate> nubWindowEnds(Evidence evidence) {
    var soon = evidence.today.plusDays(figures.count(JudgementFigures.WINDOW_SOON));
    return evidence
        .forecast
        .filter(forecast -> evidence.stage.filter(RootStage.NUB::equals).isPresent())
        .map(forecast -> forecast.nubUntil(figures).likely())
        .filter(day -> !day.isAfter(soon));
  }

  private Timing timing(Verdict verdict, Evidence evidence) {
    return switch (verdict) {
      case LEAVE, WATCH, ADJUST_CARE -> new Timing.Open();
      case RESCUE, LET_GO -> new Timing.Now();
      case LIFT_AND_LOOK ->
          new Timing.Until(evidence.today.plusDays(figures.count(JudgementFigures.LIFT_WITHIN)));
      case WAIT_FOR -> new Timing.Waits(Waiting.of(evidence));
      case MOVE_UP, PART_REPOT, FULL_REPOT, DIVIDE ->
          new Timing.Until(
              nubWindowEnds(evidence)
                  .filter(day -> !day.isBefore(evidence.today))
                  .orElseGet(
                      () -> evidence.today.plusDays(figures.count(JudgementFigures.REPOT_WITHIN))));
    };
  }

  private Sentence advice(
      Verdict verdict, Timing timing, Evidence evidence, double need, Readiness rootWork) {
    return switch (verdict) {
      case LEAVE -> say("Nothing to gain from a move now.");
      case WATCH -> watch(evidence, need);
      case ADJUST_CARE -> say("No move; put right what is named below.");
      case LIFT_AND_LOOK ->
          say(
              "By {}: tip it out and look at the roots; put it back if they are well.",
              ((Timing.Until) timing).until());
      case RESCUE ->
          say(
              "Out of the pot today, whatever the bloom or season. A plant keeps roots, not flowers.");
      case WAIT_FOR -> wait(((Timing.Waits) timing).awaited(), evidence.today);
      case MOVE_UP, PART_REPOT, FULL_REPOT, DIVIDE ->
          repot(((Timing.Until) timing).until(), verdict, evidence, need, rootWork);
      case LET_GO -> throw new IllegalStateException("Letting go has its own words");
    };
  }

  private Sentence watch(Evidence evidence, double need) {
    if (need >= of(JudgementFigures.LEAVE_BELOW)) {
      return evidence.undecidedRoots()
          ? say("There is some need. A look at the newest roots decides whether now is the moment.")
          : say("There is some need, but not enough to move it at a poor moment.");
    }
    if (turnsDueSoon(evidence)) {
      return say("Leave it for now; its medium turns due soon.");
    }
    return nubWindowEnds(evidence).isPresent()
        ? say("Leave it for now; its nubs will soon be too long to move it well.")
        : say("Leave it for now; it will want more room within the season.");
  }

  private static Sentence wait(Wait wait, LocalDate today) {
    if (wait.conditions().contains(WaitCondition.LOOK_AT_ROOTS)) {
      return say(
          "It wants a move. Look at the newest roots first: they decide between now and later.");
    }
    return wait.likely().isAfter(today)
        ? say("It wants a move, but wait for {}: about {}.", wait.words(), wait.likely())
        : say("It wants a move, but wait for {}.", wait.words());
  }

  private Sentence repot(
      LocalDate until, Verdict method, Evidence evidence, double need, Readiness rootWork) {
    boolean nubs = nubWindowEnds(evidence).filter(until::equals).isPresent();
    if (method != Verdict.MOVE_UP
        && approach != Approach.FRESH_START
        && rootWork.least() < of(JudgementFigures.READY_ENOUGH)) {
      return say("It cannot stay, though this is a poor moment: expect it to sulk. By {}.", until);
    }
    if (need < of(JudgementFigures.MUST_FROM)) {
      return nubs
          ? say("A good moment, not a must: until {}, while the new roots are nubs.", until)
          : say("A good moment, not a must: until {}.", until);
    }
    return nubs
        ? say("Best by {}, while the new roots are nubs.", until)
        : say("By {}; it will take the move.", until);
  }

  private double of(Figure figure) {
    return figures.of(figure);
  }
}
