package almanac.core.kinds;

/** How a plant grows. */
public enum Habit {
  /** Sideways along a rhizome, one growth after another. */
  SYMPODIAL,
  /** Upward from one stem. */
  MONOPODIAL
}
