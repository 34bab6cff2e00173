package almanac.core.judgement;

import almanac.core.inspection.Item;
import almanac.core.inspection.Stability;
import java.util.List;
import java.util.Set;

/** Suspicion without sight of the roots. Rules: From need to verdict, 6. */
final class LiftAndLook {
  /** What makes one suspect the roots without proving anything. */
  private static final Set<String> SUSPICION =
      Set.of(
          NeedFigures.LOOSE.key(),
          NeedFigures.LEANING.key(),
          NeedFigures.DRY_IN_WET.key(),
          NeedFigures.NO_BUBBLES.key(),
          NeedFigures.SMALLER_TWICE.key());

  private LiftAndLook() {}

  /** Whether the roots are suspected, unseen, and nothing else would be reason enough. */
  static boolean wanted(Evidence evidence, List<Reason> reasons) {
    if (evidence.fresh(Item.ROOTS_IN_POT).seen().isPresent() || justMoved(evidence)) {
      return false;
    }
    if (wobblesSinceItCame(evidence)) {
      return true;
    }
    double suspicion = points(reasons, true);
    return suspicion > 0
        && points(reasons, false) < evidence.figures.of(JudgementFigures.LEAVE_BELOW);
  }

  /** A new plant that wobbles: look before deciding to let it settle. */
  private static boolean wobblesSinceItCame(Evidence evidence) {
    return evidence.arrivedWithin(evidence.figures.of(JudgementFigures.NEW_DAYS))
        && evidence.fresh(Item.STABILITY).saw(Stability.SLIGHT_WOBBLE);
  }

  private static double points(List<Reason> reasons, boolean suspicion) {
    return reasons.stream()
        .filter(reason -> reason.scale() == Reason.Scale.NEED)
        .filter(reason -> SUSPICION.contains(reason.rule()) == suspicion)
        .mapToDouble(Reason::points)
        .sum();
  }

  private static boolean justMoved(Evidence evidence) {
    return evidence.pottedHere()
        && evidence.daysSinceMove.isPresent()
        && evidence.daysSinceMove.getAsLong()
            <= evidence.figures.of(ReadinessFigures.MOVED_LATELY_DAYS);
  }
}
