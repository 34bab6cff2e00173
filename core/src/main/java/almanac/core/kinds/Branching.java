package almanac.core.kinds;

/** Whether a root puts out side roots where it is broken. */
public enum Branching {
  YES,
  SOME,
  NO
}
