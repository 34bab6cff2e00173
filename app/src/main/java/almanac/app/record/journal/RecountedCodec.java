package almanac.app.record.journal;

import static almanac.app.db.Tables.RECOUNTED;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.RecountedRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening.Recounted;
import almanac.core.words.Sentence;
import java.util.Optional;

/** What was kept in words alone. */
final class RecountedCodec extends TableCodec<Recounted, RecountedRecord> {
  RecountedCodec() {
    super("RECOUNTED", Recounted.class, RECOUNTED, RECOUNTED.HAPPENING_ID);
  }

  @Override
  void fill(RecountedRecord row, Recounted happening) {
    row.setWords(happening.words());
  }

  @Override
  Recounted of(RecountedRecord row, Act act) {
    return new Recounted(row.getWords());
  }

  @Override
  public Optional<Sentence> words(Recounted happening, Telling telling) {
    return Optional.of(say("{}", happening.words()));
  }
}
