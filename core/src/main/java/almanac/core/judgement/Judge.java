package almanac.core.judgement;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
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

  public Judge(Figures figures) {
    this.figures = figures;
  }

  /** The verdict on a plant, with its reasons. */
  public Judgement judge(Situation situation) {
    var evidence = new Evidence(situation, figures);
    var needs = Needs.of(evidence);
    var readiness = Readiness.of(Footing.of(evidence), situation.profile(), figures);
    boolean hazard = needs.stream().anyMatch(reason -> reason.scale() == Scale.HAZARD);
    double need = Math.min(of(NeedFigures.MOST), needs.stream().mapToDouble(Reason::points).sum());

    var verdict = verdict(evidence, hazard, need, readiness);
    var timing = timing(verdict, evidence);
    var reasons = new ArrayList<>(needs);
    reasons.addAll(readiness.reasons());
    reasons.sort(
        Comparator.comparing(Reason::side)
            .thenComparing(Reason::scale)
            .thenComparing(Comparator.comparingDouble(Reason::points).reversed()));
    return new Judgement(
        verdict,
        advice(verdict, timing, evidence, need, readiness),
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

  private Verdict verdict(Evidence evidence, boolean hazard, double need, Readiness readiness) {
    if (hazard) {
      return Verdict.RESCUE;
    }
    if (need < of(JudgementFigures.LEAVE_BELOW)) {
      return somethingMoves(evidence, need) ? Verdict.WATCH : Verdict.LEAVE;
    }
    if (need < of(JudgementFigures.MUST_FROM)) {
      return readiness.least() >= of(JudgementFigures.GOOD_MOMENT)
          ? Verdict.REPOT_NOW
          : Verdict.WATCH;
    }
    boolean ready = readiness.least() >= of(JudgementFigures.READY_ENOUGH);
    return ready || need >= of(JudgementFigures.COST_WHAT_MAY_FROM)
        ? Verdict.REPOT_NOW
        : Verdict.WAIT_FOR;
  }

  private boolean somethingMoves(Evidence evidence, double need) {
    return turnsDueSoon(evidence) || (need > 0 && nubWindowEnds(evidence).isPresent());
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
      case LEAVE, WATCH -> new Timing.Open();
      case RESCUE -> new Timing.Now();
      case WAIT_FOR -> new Timing.Waits(Waiting.of(evidence));
      case REPOT_NOW ->
          new Timing.Until(
              nubWindowEnds(evidence)
                  .filter(day -> !day.isBefore(evidence.today))
                  .orElseGet(
                      () -> evidence.today.plusDays(figures.count(JudgementFigures.REPOT_WITHIN))));
    };
  }

  private Sentence advice(
      Verdict verdict, Timing timing, Evidence evidence, double need, Readiness readiness) {
    return switch (verdict) {
      case LEAVE -> say("Nothing to gain from a move now.");
      case WATCH -> watch(evidence, need);
      case RESCUE ->
          say(
              "Out of the pot today, whatever the bloom or season. A plant keeps roots, not flowers.");
      case WAIT_FOR -> wait(((Timing.Waits) timing).awaited(), evidence.today);
      case REPOT_NOW -> repot(((Timing.Until) timing).until(), evidence, need, readiness);
    };
  }

  private Sentence watch(Evidence evidence, double need) {
    if (need >= of(JudgementFigures.LEAVE_BELOW)) {
      return evidence.undecidedRoots()
          ? say("There is some need. A look at the newest roots decides whether now is the moment.")
          : say("There is some need, but not enough to move it at a poor moment.");
    }
    return turnsDueSoon(evidence)
        ? say("Leave it for now; its medium turns due soon.")
        : say("Leave it for now; its nubs will soon be too long to move it well.");
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

  private Sentence repot(LocalDate until, Evidence evidence, double need, Readiness readiness) {
    boolean nubs = nubWindowEnds(evidence).filter(until::equals).isPresent();
    if (readiness.least() < of(JudgementFigures.READY_ENOUGH)) {
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
