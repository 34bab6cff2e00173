package almanac.core.judgement.verdict;

import almanac.core.inspection.Items;
import almanac.core.inspection.Stability;
import almanac.core.inspection.ThroughWall;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.need.Needs;
import almanac.core.judgement.reason.Need;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Scale;
import java.util.List;

/** Suspicion without sight of the roots. Rules: From need to verdict, 6. */
final class LiftAndLook {
  private LiftAndLook() {}

  /** Whether the roots are suspected, unseen, and nothing else would be reason enough. */
  static boolean wanted(Evidence evidence, List<Reason> reasons) {
    if (evidence.fresh(Items.ROOTS_IN_POT).seen().isPresent()
        || evidence.movedLately()
        || evidence.rest().keptDry()) {
      return false;
    }
    if (wobblesSinceItCame(evidence) || wellAboveAndPoorBelow(evidence)) {
      return true;
    }
    double suspicion = points(reasons, true);
    return suspicion > 0
        && points(reasons, false) < evidence.figures().of(JudgementFigures.LEAVE_BELOW);
  }

  /** Whether the roots are suspected and unseen: then nothing is merely waited for. */
  static boolean suspected(Evidence evidence, Needs needs) {
    return evidence.fresh(Items.ROOTS_IN_POT).seen().isEmpty()
        && !evidence.movedLately()
        && !evidence.rest().keptDry()
        && points(needs.reasons(), true) > 0;
  }

  /** Well above and poor through the wall: something eats or smothers the roots. */
  private static boolean wellAboveAndPoorBelow(Evidence evidence) {
    return evidence.fresh(Items.THROUGH_WALL).answer().filter(ThroughWall::poor).isPresent()
        && evidence.thirstySince().isEmpty();
  }

  /** A new plant that wobbles: look before deciding to let it settle. */
  private static boolean wobblesSinceItCame(Evidence evidence) {
    return evidence.arrivedWithin(evidence.figures().of(JudgementFigures.NEW_DAYS))
        && evidence.fresh(Items.STABILITY).saw(Stability.SLIGHT_WOBBLE);
  }

  private static double points(List<Reason> reasons, boolean suspicion) {
    return reasons.stream()
        .filter(reason -> reason.scale() == Scale.NEED)
        .filter(reason -> reason.isMatterOf(Need.Matter.SUSPICION) == suspicion)
        .mapToDouble(Reason::points)
        .sum();
  }
}
