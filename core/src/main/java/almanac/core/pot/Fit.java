package almanac.core.pot;

/** Whether a pot is right for a plant. */
public enum Fit {
  GOOD,
  /** It holds it, but not for long enough. */
  SHORT,
  TOO_LARGE,
  /** It does not even hold what there is. */
  TOO_SMALL
}
