package almanac.core.history;

/** Whether an act holds. */
public enum Standing {
  HOLDS,
  /** Another act took its place. */
  CORRECTED,
  /** It should not have been written. */
  TAKEN_BACK
}
