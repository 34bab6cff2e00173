package almanac.core.trials;

/**
 * A plant of a trial.
 *
 * @param pair those of one number are held against each other; 0 for a plant by itself
 */
public record OnTrial(Trial trial, Side side, int pair) {
  /** On which side of a trial a plant stands. */
  public enum Side {
    /** On it something is tried. */
    TRIED,
    /** Against it that is held. */
    AGAINST
  }
}
