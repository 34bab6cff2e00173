package almanac.app.record.journal;

import static almanac.core.words.Sentence.say;

import almanac.core.history.Happening;
import almanac.core.words.Sentence;
import java.util.Optional;
import org.jooq.DSLContext;

/**
 * A kind of happening of which nothing is kept but that it happened.
 *
 * @param happening it never differs
 * @param told in a sentence; empty if it is not told
 * @param <H> the kind
 */
record BareCodec<H extends Happening>(String kind, Class<H> type, H happening, String told)
    implements Codec<H> {

  @Override
  public void write(DSLContext db, long id, H ignored) {
    // Its row says all.
  }

  @Override
  public Kept<H> read(Reading part) {
    return (id, act) -> happening;
  }

  @Override
  public Optional<Sentence> words(H ignored, Telling telling) {
    return told.isEmpty() ? Optional.empty() : Optional.of(say(told));
  }
}
