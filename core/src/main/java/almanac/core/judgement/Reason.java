package almanac.core.judgement;

import almanac.core.words.Sentence;
import java.util.Optional;

/**
 * One sentence of a judgement with what it counts.
 *
 * @param rule the key of the figure it rests on, as in docs/rules.md
 * @param side which way it speaks
 * @param scale what its points count towards
 * @param sentence the reason, with its figures
 * @param points how much it counts, 0 or more
 * @param look the look it rests on; nothing where it rests on the calendar or the kind
 */
public record Reason(
    String rule, Side side, Scale scale, Sentence sentence, double points, Optional<SeenAt> look) {

  /** Which way a reason speaks. */
  public enum Side {
    FOR,
    AGAINST
  }

  /** What points count towards. */
  public enum Scale {
    HAZARD,
    NEED,
    /** How ready its roots make it. */
    READINESS,
    /** What takes from its readiness. */
    LOSS,
    /** Was seen, and is no reason for a move. */
    NO_REASON
  }
}
