package almanac.core.checks;

/** Checks that follow one upon the other; of each series a plant has at most one open. */
public enum Series {
  /** Asked for by the last judgement. */
  AS_JUDGED,
  /** After a move. */
  AFTERCARE,
  /** While it is kept apart from the others. */
  KEPT_APART,
  /** While it is held in the pot it came in. */
  HELD,
  /** The treatments of a course. */
  TREATMENT,
  /** The looks between them. */
  UNDER_TREATMENT,
  /** As it stood beside a plant under treatment. */
  NEIGHBOUR,
  /** After rot was cut out of it. */
  WOUND,
  /** After a lead broke off. */
  EYE,
  /** What a trial wants to know of it. */
  TRIAL,
  /** Booked by the collector. */
  OWN
}
