package almanac.core.judgement.reason;

/** What the points of a reason count towards. */
public enum Scale {
  HAZARD,
  NEED,
  /** How ready its roots make it. */
  READINESS,
  /** What takes from its readiness. */
  LOSS,
  /** Was seen, and is no reason for a move. */
  NO_REASON
}
