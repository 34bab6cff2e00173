package almanac.core.checks.diary;

/** Where a day lies in a check's window. */
public enum Urgency {
  /** Before it. */
  LATER,
  /** In it. */
  DUE,
  /** Past it. */
  OVERDUE
}
