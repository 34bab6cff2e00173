package almanac.core.benchdays;

/** How safe it is to handle other plants after one; the safest first. */
public enum Soundness {
  HEALTHY,
  /** Rot, or something that nobody could name. */
  DOUBTFUL,
  /** Pests or a virus that may spread. */
  SUSPECT
}
