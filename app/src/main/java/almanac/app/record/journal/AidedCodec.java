package almanac.app.record.journal;

import static almanac.app.db.Tables.AIDED;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.AidedRecord;
import almanac.core.history.Act;
import almanac.core.history.Aid;
import almanac.core.history.Happening.Aided;
import almanac.core.words.Sentence;
import java.util.Optional;

/** What was given to its roots at the bench. */
final class AidedCodec extends TableCodec<Aided, AidedRecord> {
  AidedCodec() {
    super("AIDED", Aided.class, AIDED, AIDED.HAPPENING_ID);
  }

  @Override
  void fill(AidedRecord row, Aided happening) {
    row.setAid(happening.aid().name());
    row.setUsed(happening.used());
  }

  @Override
  Aided of(AidedRecord row, Act act) {
    return new Aided(Aid.valueOf(row.getAid()), row.getUsed());
  }

  @Override
  public Optional<Sentence> words(Aided happening, Telling telling) {
    return Optional.of(say("With a {}: {}", happening.aid().words(), happening.used()));
  }
}
