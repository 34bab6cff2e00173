package almanac.app.record.journal;

import static almanac.app.db.Tables.CHECKED;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.CheckedRecord;
import almanac.core.checks.CheckAnswer;
import almanac.core.checks.CheckName;
import almanac.core.checks.Purpose;
import almanac.core.history.Act;
import almanac.core.history.Happening.Checked;
import almanac.core.words.Sentence;
import java.util.Optional;

/** How a check was answered. */
final class CheckedCodec extends TableCodec<Checked, CheckedRecord> {
  CheckedCodec() {
    super("CHECKED", Checked.class, CHECKED, CHECKED.HAPPENING_ID);
  }

  @Override
  void fill(CheckedRecord row, Checked happening) {
    row.setPurpose(happening.check().purpose().name());
    row.setSince(happening.check().since());
    row.setAnswer(happening.answer().name());
  }

  @Override
  Checked of(CheckedRecord row, Act act) {
    return new Checked(
        new CheckName(Purpose.valueOf(row.getPurpose()), row.getSince()),
        CheckAnswer.valueOf(row.getAnswer()));
  }

  @Override
  public Optional<Sentence> words(Checked happening, Telling telling) {
    return Optional.of(
        say("{} {}", happening.check().purpose().title(), happening.answer().words()));
  }
}
