package almanac.core.judgement.verdict;

import almanac.core.figures.Figure;
import almanac.core.inspection.Rim;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.moments.Choice;
import almanac.core.judgement.need.Needs;
import almanac.core.judgement.reason.Reason;
import almanac.core.kinds.ReadyRule;
import java.util.Optional;

/**
 * From need and the moments ahead to a verdict; several needs are never judged more mildly than
 * fewer. Rules: From need to verdict.
 *
 * @param verdict what to do
 * @param method how, if it is moved
 * @param choice today against the days that are still to come, for that method
 */
record Decision(Verdict verdict, Method method, Choice choice) {

  static Decision of(Evidence evidence, Needs needs, double need) {
    if (needs.hazard()) {
      var method = Rescues.of(needs.reasons());
      var today = Choice.ofToday(evidence, needs.reasons(), method.intact());
      return new Decision(Verdict.RESCUE, method, today);
    }
    return new Weighed(evidence, needs, Math.round(need)).by(Methods.of(evidence, needs.reasons()));
  }

  private static Choice choice(Evidence evidence, Needs needs, Method method) {
    return Choice.of(evidence, needs.reasons(), method.intact());
  }

  private record Weighed(Evidence evidence, Needs needs, double need) {

    Decision by(Method method) {
      var choice = choice(evidence, needs, method);
      if (evidence.rim().filter(Rim.DEFORMING::equals).isPresent()) {
        return new Decision(method.verdict(), method, choice);
      }
      if (LiftAndLook.wanted(evidence, needs.reasons())) {
        return new Decision(Verdict.LIFT_AND_LOOK, method, choice);
      }
      var verdict = byMoments(method, choice);
      if (verdict.atTheBench()) {
        return new Decision(verdict, method, choice);
      }
      var forItsPlace = forItsPlace(method, choice);
      if (forItsPlace.isPresent()) {
        return forItsPlace.get();
      }
      return LiftAndLook.suspected(evidence, needs)
          ? new Decision(Verdict.LIFT_AND_LOOK, method, choice)
          : new Decision(verdict, method, choice);
    }

    /** Whether its place alone is reason enough for a move of the ball whole. */
    private Optional<Decision> forItsPlace(Method method, Choice inAll) {
      var reasons = Methods.placeReasons(evidence, needs.reasons());
      double points = reasons.stream().mapToDouble(Reason::points).sum();
      if (Math.round(points) < of(JudgementFigures.LEAVE_BELOW)) {
        return Optional.empty();
      }
      var place = Choice.of(evidence, reasons, true);
      if (!place.now()) {
        return Optional.empty();
      }
      if (!Methods.mediumGoes(evidence, needs.reasons())) {
        var whole = Methods.ofPlace(evidence, needs.reasons());
        if (justSet(whole)) {
          return Optional.empty();
        }
        return Optional.of(new Decision(Verdict.MOVE_UP, whole, choice(evidence, needs, whole)));
      }
      return inAll.awaited().isPresent()
          ? Optional.of(new Decision(Verdict.WAIT_FOR, method, inAll))
          : Optional.empty();
    }

    private Verdict byMoments(Method method, Choice choice) {
      if (choice.now()
          && !looksFirst(method, choice)
          && !stillRooting(choice)
          && !justSet(method)) {
        return method.verdict();
      }
      if (justSet(method) && !needs.care().isEmpty() && need < of(JudgementFigures.MUST_FROM)) {
        return Verdict.ADJUST_CARE;
      }
      if (need < of(JudgementFigures.LEAVE_BELOW)) {
        if (!needs.care().isEmpty()) {
          return Verdict.ADJUST_CARE;
        }
        return Soon.somethingMoves(evidence, need) ? Verdict.WATCH : Verdict.LEAVE;
      }
      return choice.awaited().isPresent()
              || choice.lookFirst()
              || evidence.rootless()
              || need >= of(JudgementFigures.MUST_FROM)
          ? Verdict.WAIT_FOR
          : Verdict.WATCH;
    }

    /** Where nobody has seen the roots lately and they may be good, they are looked at first. */
    private boolean looksFirst(Method method, Choice choice) {
      boolean onAGuess = evidence.guessedRoots() && !method.intact() && rootsDecide();
      return need < of(JudgementFigures.COST_WHAT_MAY_FROM)
          && (onAGuess || choice.today().readiness() < of(JudgementFigures.READY_ENOUGH))
          && choice.lookFirst();
    }

    private boolean rootsDecide() {
      return evidence.rule() != ReadyRule.ANY_TIME && evidence.rule() != ReadyRule.START_OF_GROWTH;
    }

    /** What was moved within three months is staked, and not set once more. */
    private boolean justSet(Method method) {
      return method.setsFirm() && evidence.movedLately();
    }

    /** What came without roots keeps the few it has, unless it is ready all the same. */
    private boolean stillRooting(Choice choice) {
      return evidence.rootless() && choice.today().readiness() < of(JudgementFigures.READY_ENOUGH);
    }

    private double of(Figure figure) {
      return evidence.figures().of(figure);
    }
  }
}
