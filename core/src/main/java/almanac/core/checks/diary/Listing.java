package almanac.core.checks.diary;

/** Where a check stands on the list of a day. */
public enum Listing {
  /** Its days have come. */
  NOW,
  /** Its days come within a few weeks. */
  SOON,
  /** Its days are far off. */
  LATER,
  /** The plant is taken in hand at once, which is look enough. */
  WITH_THE_MOVE
}
