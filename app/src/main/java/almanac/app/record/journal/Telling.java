package almanac.app.record.journal;

import almanac.core.history.Card;
import almanac.core.history.Line;

/**
 * What is needed to tell of a line.
 *
 * @param before the card as it was before it
 * @param came whether it belongs to how the plant came
 */
public record Telling(Line line, Card before, boolean came, Naming naming) {

  /** What things are called now. */
  public interface Naming {
    /** A place, also one that is gone. */
    String place(long id);

    /** A kind, also one that was removed. */
    String kind(String key);

    /** A plant, by number and name. */
    String plant(long id);
  }
}
