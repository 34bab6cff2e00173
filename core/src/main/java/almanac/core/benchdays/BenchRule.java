package almanac.core.benchdays;

/** What a plan of bench days obeys, the sternest first. */
public enum BenchRule {
  /** Its jobs fit into a day's minutes. */
  ROOM,
  /** Every job lies inside its window. */
  WINDOW,
  /** No plant is moved while it flowers, unless its verdict says now. */
  FLOWERS,
  /** Every job finds a day; the most needed first. */
  PLACED,
  /** Hazards are first. */
  HAZARD,
  /** What is weeks late goes before what may be missed; each week weighs more than the last. */
  OVERDUE,
  /** What is late is done as soon as may be. */
  LATE,
  /** No day with room stays empty while a job lies in its window. */
  IDLE,
  /** As near as may be to the best day. */
  BEST,
  /** The same mix is made once. */
  MIX,
  /** What lay on a day stays there, unless something is gained. */
  STAYS
}
