package almanac.core.history;

/** In which way a plant was worked on at the bench, as far as its aftercare depends on it. */
public enum Way {
  /** Its ball was opened, on one side or all round. */
  OPENED,
  /** Its ball stayed whole. */
  WHOLE,
  /** Rot was cut out of it. */
  CUT
}
