package almanac.core.judgement.verdict;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.inspection.Item;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Rim;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.need.Needs;
import almanac.core.judgement.readiness.Footing;
import almanac.core.judgement.readiness.Readiness;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.SeenAt;
import almanac.core.kinds.ReadyRule;
import almanac.core.roots.RootStage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Judges one plant on one day: the same situation and figures always give the same judgement. */
public final class Judge {
  private static final Comparator<Reason> WEIGHTIEST_FIRST =
      Comparator.comparing(Reason::side)
          .thenComparing(Reason::scale)
          .thenComparing(Comparator.comparingDouble(Reason::points).reversed());

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
    var needs = Needs.of(evidence);
    boolean hazard = needs.hazard();
    var method = hazard ? Verdict.RESCUE : Methods.of(evidence, needs.reasons());
    var rootWork = Readiness.of(Footing.of(evidence), restsOn(evidence), figures);
    var readiness = readiness(evidence, method, rootWork);
    double need = Math.min(of(NeedFigures.MOST), needs.points());

    var letGo = LettingGo.because(evidence);
    var verdict =
        letGo.isPresent()
            ? Verdict.LET_GO
            : hazard ? Verdict.RESCUE : verdict(evidence, needs, method, need, readiness);
    var timing = When.of(verdict, evidence, need);
    var reasons = new ArrayList<>(needs.reasons());
    reasons.addAll(readiness.reasons());
    reasons.sort(WEIGHTIEST_FIRST);
    return new Judgement(
        approach,
        verdict,
        letGo.orElseGet(() -> Advice.of(verdict, timing, evidence, need, rootWork)),
        method,
        needs.care(),
        Costs.of(verdict, evidence),
        timing,
        need,
        readiness.least(),
        readiness.most(),
        List.copyOf(reasons),
        evidence.notLookedAt(),
        evidence.stale(),
        NextLook.after(verdict, timing, evidence),
        evidence.used(),
        evidence.leads(),
        evidence.roots(),
        evidence.longEnough());
  }

  /** For the method: an intact move is barely a disturbance, and who strips soon counts half. */
  private Readiness readiness(Evidence evidence, Verdict method, Readiness rootWork) {
    var readiness = rootWork;
    if (method == Verdict.MOVE_UP) {
      readiness = Readiness.of(Footing.of(evidence).wholeBall(), restsOn(evidence), figures);
    }
    if (approach == Approach.FRESH_START) {
      readiness = readiness.lacking(of(ReadinessFigures.FRESH_START_LACK) / 100);
    }
    return method == Verdict.MOVE_UP && barelyDisturbed(evidence)
        ? readiness.atLeast(of(ReadinessFigures.INTACT_MOVE))
        : readiness;
  }

  /** An intact move asks only that the season holds or the plant is rooting. */
  private boolean barelyDisturbed(Evidence evidence) {
    return approach == Approach.UNDISTURBED_ROOTS
        || evidence.inSeason()
        || evidence.stage().filter(stage -> stage != RootStage.NONE).isPresent();
  }

  private static java.util.Optional<SeenAt> restsOn(Evidence evidence) {
    return evidence.rule() == ReadyRule.START_OF_GROWTH
        ? evidence.seenAt(Item.GROWTH, Lead.FIRST)
        : evidence.seenAt(Item.NEW_ROOTS, evidence.roots().lead());
  }

  private Verdict verdict(
      Evidence evidence, Needs needs, Verdict method, double need, Readiness readiness) {
    if (evidence.rim().filter(Rim.DEFORMING::equals).isPresent()) {
      return method;
    }
    if (LiftAndLook.wanted(evidence, needs.reasons())) {
      return Verdict.LIFT_AND_LOOK;
    }
    if (need < of(JudgementFigures.LEAVE_BELOW)) {
      if (!needs.care().isEmpty()) {
        return Verdict.ADJUST_CARE;
      }
      return Soon.somethingMoves(evidence, need) ? Verdict.WATCH : Verdict.LEAVE;
    }
    if (need < of(JudgementFigures.MUST_FROM)) {
      return readiness.least() >= of(JudgementFigures.GOOD_MOMENT) ? method : Verdict.WATCH;
    }
    boolean ready = readiness.least() >= of(JudgementFigures.READY_ENOUGH);
    boolean costWhatMay =
        need >= of(JudgementFigures.COST_WHAT_MAY_FROM) && approach != Approach.WAIT_FOR_NUBS;
    return ready || costWhatMay ? method : Verdict.WAIT_FOR;
  }

  private double of(Figure figure) {
    return figures.of(figure);
  }
}
