package almanac.core.judgement.reason;

import almanac.core.figures.Figure;
import java.util.Optional;

/**
 * A need for a move.
 *
 * @param counts the figure that says how much
 * @param matter what it is a matter of
 */
public record Need(Figure counts, Matter matter) implements Basis {

  /** What a need is a matter of, where that decides how the plant is moved. */
  public enum Matter {
    /** Place: a larger pot, or a better seat in it, answers it; the ball stays whole. */
    PLACE,
    /** The medium has to go, whatever its age. */
    MEDIUM,
    /** A suspicion about roots that proves nothing. */
    SUSPICION,
    /** The age of the medium. */
    AGE,
    /** Anything else. */
    OTHER
  }

  @Override
  public Scale scale() {
    return Scale.NEED;
  }

  @Override
  public Optional<Figure> figure() {
    return Optional.of(counts);
  }
}
