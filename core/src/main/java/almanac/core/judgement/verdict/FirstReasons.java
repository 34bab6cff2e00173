package almanac.core.judgement.verdict;

import almanac.core.judgement.reason.Need.Matter;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Reason.Side;
import almanac.core.judgement.reason.Scale;
import java.util.List;
import java.util.stream.Stream;

/** Which two reasons carried a verdict: those a grower would name first. */
final class FirstReasons {
  private static final int MOST = 2;

  private FirstReasons() {}

  /**
   * @param reasons the weightiest first
   */
  static List<Reason> of(Verdict verdict, List<Reason> reasons) {
    return switch (verdict) {
      case LET_GO, RESCUE -> first(reasons, MOST, reason -> reason.scale() == Scale.HAZARD);
      case LIFT_AND_LOOK -> suspicions(reasons);
      case MOVE_UP, PART_REPOT, FULL_REPOT, DIVIDE ->
          beside(
              first(reasons, MOST, FirstReasons::counts),
              first(reasons, 1, reason -> readiness(reason, Side.FOR)));
      case WAIT_FOR -> beside(first(reasons, MOST, FirstReasons::counts), heaviest(reasons));
      case WATCH, ADJUST_CARE, LEAVE -> leaving(reasons);
    };
  }

  private static List<Reason> suspicions(List<Reason> reasons) {
    var suspected = first(reasons, MOST, reason -> reason.isMatterOf(Matter.SUSPICION));
    return suspected.isEmpty() ? first(reasons, MOST, FirstReasons::counts) : suspected;
  }

  /** What little there is for a move, and what speaks against it. */
  private static List<Reason> leaving(List<Reason> reasons) {
    var needs = first(reasons, MOST, FirstReasons::counts);
    return needs.isEmpty()
        ? first(reasons, MOST, reason -> reason.scale() == Scale.NEED)
        : beside(needs, heaviest(reasons));
  }

  /** What takes most from its readiness: a poor root stage, or the season, flowers, a late move. */
  private static List<Reason> heaviest(List<Reason> reasons) {
    var poorRoots = first(reasons, 1, reason -> readiness(reason, Side.AGAINST));
    return poorRoots.isEmpty()
        ? first(reasons, 1, reason -> reason.scale() == Scale.LOSS)
        : poorRoots;
  }

  private static boolean counts(Reason reason) {
    return reason.scale() == Scale.NEED && Math.round(reason.points()) > 0;
  }

  private static boolean readiness(Reason reason, Side side) {
    return reason.scale() == Scale.READINESS && reason.side() == side;
  }

  private static List<Reason> first(
      List<Reason> reasons, int many, java.util.function.Predicate<Reason> wanted) {
    return reasons.stream().filter(wanted).limit(many).toList();
  }

  /** The first need beside what decides of the moment; two needs where nothing does. */
  private static List<Reason> beside(List<Reason> needs, List<Reason> moment) {
    return moment.isEmpty()
        ? needs
        : Stream.concat(needs.stream().limit(1), moment.stream()).toList();
  }
}
