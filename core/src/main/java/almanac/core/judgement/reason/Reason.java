package almanac.core.judgement.reason;

import almanac.core.words.Sentence;
import java.util.Optional;

/**
 * One sentence of a judgement with what it counts.
 *
 * @param basis what it rests on
 * @param side which way it speaks
 * @param sentence the reason, with its figures
 * @param points how much it counts, 0 or more
 * @param look the look it rests on; nothing where it rests on the calendar or the kind
 */
public record Reason(
    Basis basis, Side side, Sentence sentence, double points, Optional<SeenAt> look) {

  /** Which way a reason speaks. */
  public enum Side {
    FOR,
    AGAINST
  }

  /** What its points count towards. */
  public Scale scale() {
    return basis.scale();
  }

  /** Whether it is a need that is a matter of that. */
  public boolean isMatterOf(Need.Matter matter) {
    return basis instanceof Need need && need.matter() == matter;
  }
}
