package almanac.core.judgement;

/** What the collector asks: shall I leave it alone or repot it? */
public enum Family {
  LEAVE_ALONE,
  REPOT
}
