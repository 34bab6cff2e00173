package almanac.core.taught;

import almanac.core.words.Sentence;
import java.time.LocalDate;

/**
 * Something that was seen after a move and speaks of what came of it.
 *
 * @param on the day
 * @param words what was seen
 */
public record Sign(LocalDate on, Of of, Sentence words) {
  /** What it is a sign of. */
  public enum Of {
    NO_TIPS,
    TIPS,
    LOOSE,
    HOLDS,
    /** It stands and grows, though nobody saw its roots. */
    GOES_ON,
    /** A growth, or the health of the plant, was lost. */
    SET_BACK,
    /** Leaves or bulbs are worse than before; they may be better at the next look. */
    WORSE,
    /** Leaves and bulbs are as firm as before. */
    SOUND,
    SMALLER,
    /** Something that no move brings: pests, virus, wilt. */
    OF_ITS_OWN
  }
}
