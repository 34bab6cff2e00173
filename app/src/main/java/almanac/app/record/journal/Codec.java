package almanac.app.record.journal;

import almanac.core.history.Act;
import almanac.core.history.Happening;
import almanac.core.words.Sentence;
import java.util.Optional;
import org.jooq.DSLContext;

/**
 * How one kind of happening is kept and told.
 *
 * @param <H> the kind
 */
interface Codec<H extends Happening> {
  /** The name of the kind in the table {@code happening}; never changed once something has it. */
  String kind();

  Class<H> type();

  /**
   * Keeps what belongs to a happening, besides its row in the table {@code happening}.
   *
   * @param id of that row
   */
  void write(DSLContext db, long id, H happening);

  /** Reads what belongs to all happenings of this kind, in one go. */
  Kept<H> read(Reading part);

  /** In a sentence; nothing if there is nothing to tell. */
  Optional<Sentence> words(H happening, Telling telling);

  /**
   * What was read of one kind.
   *
   * @param <H> the kind
   */
  interface Kept<H> {
    /**
     * One happening as it was kept.
     *
     * @throws IllegalStateException if what belongs to it is missing
     */
    H of(long id, Act act);
  }
}
