package almanac.core.inspection;

/**
 * A young growth at the front, with roots of its own. Most plants have one; where there are several
 * the collector tells them apart by letters.
 */
public enum Lead {
  A,
  B,
  C,
  D,
  E,
  F;

  /** The lead meant where nobody says which. */
  public static final Lead FIRST = A;
}
