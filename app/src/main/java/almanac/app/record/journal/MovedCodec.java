package almanac.app.record.journal;

import static almanac.app.db.Tables.MOVED;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.MovedRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening.Moved;
import almanac.core.history.Stand;
import almanac.core.words.Sentence;
import java.util.Optional;

/** Where a plant was stood. Another position in the same place is not told. */
final class MovedCodec extends TableCodec<Moved, MovedRecord> {
  MovedCodec() {
    super("MOVED", Moved.class, MOVED, MOVED.HAPPENING_ID);
  }

  @Override
  void fill(MovedRecord row, Moved happening) {
    row.setPlaceId(happening.stand().place());
    row.setPosition(happening.stand().position());
  }

  @Override
  Moved of(MovedRecord row, Act act) {
    return new Moved(new Stand(row.getPlaceId(), row.getPosition()));
  }

  @Override
  public Optional<Sentence> words(Moved happening, Telling telling) {
    long from = telling.before().stand().place();
    long to = happening.stand().place();
    return from == to
        ? Optional.empty()
        : Optional.of(
            say("Moved from {} to {}", telling.naming().place(from), telling.naming().place(to)));
  }
}
