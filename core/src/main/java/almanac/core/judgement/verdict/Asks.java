package almanac.core.judgement.verdict;

/** What a verdict asks of the collector, however it is done. */
public enum Asks {
  LEAVE,
  WAIT,
  MOVE,
  DIVIDE,
  LET_GO
}
