package almanac.core.judgement;

/** What to do with a plant. */
public enum Verdict {
  /** Nothing to gain now. */
  LEAVE(Family.LEAVE_ALONE, "Leave"),
  /** Leave it, but something is moving. */
  WATCH(Family.LEAVE_ALONE, "Watch"),
  /** It should be moved, but would not take it now. */
  WAIT_FOR(Family.REPOT, "Wait"),
  /** It should be moved and would take it. */
  REPOT_NOW(Family.REPOT, "Repot now"),
  /** A hazard: now, whatever the bloom, season or root stage. */
  RESCUE(Family.REPOT, "Rescue");

  private final Family family;
  private final String words;

  Verdict(Family family, String words) {
    this.family = family;
    this.words = words;
  }

  public Family family() {
    return family;
  }

  public String words() {
    return words;
  }
}
