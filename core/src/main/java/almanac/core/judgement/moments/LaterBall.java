package almanac.core.judgement.moments;

import almanac.core.history.Approach;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.need.NeedAhead;
import almanac.core.judgement.readiness.Ripeness;
import java.time.LocalDate;

/**
 * Whether the ball would stay whole on a later day, and how ready the plant is for that. Rules: The
 * moments ahead.
 */
final class LaterBall {
  private final Evidence evidence;
  private final boolean intact;
  private final NeedAhead need;
  private final Ripeness whole;
  private final Ripeness opened;

  /**
   * @param intact whether the ball would stay whole today
   */
  LaterBall(Evidence evidence, boolean intact, NeedAhead need) {
    this.evidence = evidence;
    this.intact = intact;
    this.need = need;
    this.whole = new Ripeness(evidence, true);
    this.opened = new Ripeness(evidence, false);
  }

  /** A ball is moved whole only as long as its medium is not due. */
  boolean staysWhole(LocalDate day) {
    return intact
        && (!day.isAfter(evidence.today())
            || evidence.approach() == Approach.UNDISTURBED_ROOTS
            || !need.turnsDueBy(day));
  }

  Ripeness on(LocalDate day) {
    return staysWhole(day) ? whole : opened;
  }
}
