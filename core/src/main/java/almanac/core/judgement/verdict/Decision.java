package almanac.core.judgement.verdict;

import almanac.core.figures.Figure;
import almanac.core.history.Approach;
import almanac.core.inspection.Rim;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.need.Needs;
import java.util.Optional;

/**
 * From need and readiness to a verdict; several needs are never judged more mildly than fewer.
 * Rules: From need to verdict.
 *
 * @param verdict what to do
 * @param method how, if it is moved
 */
record Decision(Verdict verdict, Method method) {

  /** Where no hazard acts and nothing is let go. */
  static Decision of(Evidence evidence, Needs needs, double need) {
    var method = Methods.of(evidence, needs.reasons());
    return new Weighed(evidence, needs, need).by(method);
  }

  /** Whether it is more ready than that at the least. */
  static boolean mayBeMoved(Evidence evidence, Method method, double need, boolean gateOpen) {
    boolean goodMomentOnly = need < evidence.figures().of(JudgementFigures.MUST_FROM);
    return gateOpen
        || evidence.approach() == Approach.UNDISTURBED_ROOTS && method.intact()
        || evidence.leavesADoubtfulMedium() && !goodMomentOnly
        || method.intact() && !goodMomentOnly;
  }

  /** So ready it has to be for a move that is needed so much. */
  static Figure readyFrom(Evidence evidence, double need) {
    return need < evidence.figures().of(JudgementFigures.MUST_FROM)
        ? JudgementFigures.GOOD_MOMENT
        : JudgementFigures.READY_ENOUGH;
  }

  private record Weighed(Evidence evidence, Needs needs, double need) {

    Decision by(Method method) {
      if (evidence.rim().filter(Rim.DEFORMING::equals).isPresent()) {
        return new Decision(method.verdict(), method);
      }
      if (LiftAndLook.wanted(evidence, needs.reasons())) {
        return new Decision(Verdict.LIFT_AND_LOOK, method);
      }
      var verdict = byPoints(method, need);
      if (verdict.atTheBench()) {
        return new Decision(verdict, method);
      }
      var forItsPlace = forItsPlace(method);
      if (forItsPlace.isPresent()) {
        return forItsPlace.get();
      }
      return !verdict.atTheBench() && LiftAndLook.suspected(evidence, needs)
          ? new Decision(Verdict.LIFT_AND_LOOK, method)
          : new Decision(verdict, method);
    }

    /** Whether its place alone is reason enough for a move of the ball whole. */
    private Optional<Decision> forItsPlace(Method method) {
      double points = Methods.placePoints(evidence, needs.reasons());
      if (points < of(JudgementFigures.LEAVE_BELOW)) {
        return Optional.empty();
      }
      var whole = Methods.ofPlace(evidence, needs.reasons());
      if (byPoints(whole, points) != Verdict.MOVE_UP) {
        return Optional.empty();
      }
      return Optional.of(
          Methods.mediumGoes(evidence, needs.reasons())
              ? new Decision(inFreshMedium(method), method)
              : new Decision(Verdict.MOVE_UP, whole));
    }

    /** It would be moved whole if its medium were sound; so it is moved as soon as it can be. */
    private Verdict inFreshMedium(Method method) {
      boolean ready = new Ripeness(evidence, method).least() >= of(JudgementFigures.READY_ENOUGH);
      return ready && evidence.season().open() ? method.verdict() : Verdict.WAIT_FOR;
    }

    private Verdict byPoints(Method method, double points) {
      if (points < of(JudgementFigures.LEAVE_BELOW)) {
        if (!needs.care().isEmpty()) {
          return Verdict.ADJUST_CARE;
        }
        return Soon.somethingMoves(evidence, points) ? Verdict.WATCH : Verdict.LEAVE;
      }
      boolean ready =
          new Ripeness(evidence, method).least() >= of(readyFrom(evidence, points))
              && mayBeMoved(evidence, method, points, evidence.season().open());
      if (ready) {
        return method.verdict();
      }
      if (points < of(JudgementFigures.MUST_FROM)) {
        return Verdict.WATCH;
      }
      boolean costWhatMay =
          points >= of(JudgementFigures.COST_WHAT_MAY_FROM)
              && evidence.approach() != Approach.WAIT_FOR_NUBS;
      return costWhatMay ? method.verdict() : Verdict.WAIT_FOR;
    }

    private double of(Figure figure) {
      return evidence.figures().of(figure);
    }
  }
}
