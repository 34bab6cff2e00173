package almanac.app.record.journal;

import static almanac.app.db.Tables.FIXED;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.FixedRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening.Fixed;
import almanac.core.inspection.Fix;
import almanac.core.words.Sentence;
import java.util.Optional;

/** A small job that was done, on the day of its act. */
final class FixedCodec extends TableCodec<Fixed, FixedRecord> {
  FixedCodec() {
    super("FIXED", Fixed.class, FIXED, FIXED.HAPPENING_ID);
  }

  @Override
  void fill(FixedRecord row, Fixed happening) {
    row.setFix(happening.fix().name());
  }

  @Override
  Fixed of(FixedRecord row, Act act) {
    return new Fixed(Fix.valueOf(row.getFix()), act.on());
  }

  @Override
  public Optional<Sentence> words(Fixed happening, Telling telling) {
    return Optional.of(say(happening.fix().done()));
  }
}
