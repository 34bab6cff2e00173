package almanac.app.record.journal;

import static almanac.app.db.Tables.NUMBERED;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.NumberedRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening.Numbered;
import almanac.core.words.Sentence;
import java.util.Optional;

/** A plant's number. */
final class NumberedCodec extends TableCodec<Numbered, NumberedRecord> {
  NumberedCodec() {
    super("NUMBERED", Numbered.class, NUMBERED, NUMBERED.HAPPENING_ID);
  }

  @Override
  void fill(NumberedRecord row, Numbered happening) {
    row.setNumber(happening.number());
  }

  @Override
  Numbered of(NumberedRecord row, Act act) {
    return new Numbered(row.getNumber());
  }

  @Override
  public Optional<Sentence> words(Numbered happening, Telling telling) {
    var before = telling.before().who().number();
    return before.isEmpty()
        ? Optional.empty()
        : Optional.of(say("Number {} instead of {}", happening.number(), before));
  }
}
