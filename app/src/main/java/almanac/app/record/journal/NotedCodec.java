package almanac.app.record.journal;

import static almanac.app.db.Tables.NOTED;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.NotedRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening.Noted;
import almanac.core.words.Sentence;
import java.util.Optional;

/** The notes about a plant; each time all of them. */
final class NotedCodec extends TableCodec<Noted, NotedRecord> {
  NotedCodec() {
    super("NOTED", Noted.class, NOTED, NOTED.HAPPENING_ID);
  }

  @Override
  void fill(NotedRecord row, Noted happening) {
    row.setNotes(happening.notes());
  }

  @Override
  Noted of(NotedRecord row, Act act) {
    return new Noted(row.getNotes());
  }

  @Override
  public Optional<Sentence> words(Noted happening, Telling telling) {
    return Optional.of(
        happening.notes().isEmpty() ? say("Notes removed") : say("Notes: {}", happening.notes()));
  }
}
