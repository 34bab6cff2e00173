package almanac.core.judgement.verdict;

/** What the collector asks: leave it alone, repot, divide, or let it go? */
public enum Family {
  LEAVE_ALONE,
  REPOT,
  DIVIDE,
  LET_GO
}
