package almanac.app.record.journal;

import static almanac.app.db.Tables.PUT_OFF;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.PutOffRecord;
import almanac.core.checks.CheckName;
import almanac.core.checks.Purpose;
import almanac.core.history.Act;
import almanac.core.history.Happening.PutOff;
import almanac.core.words.Sentence;
import java.util.Optional;

/** A check that was put off. */
final class PutOffCodec extends TableCodec<PutOff, PutOffRecord> {
  PutOffCodec() {
    super("PUT_OFF", PutOff.class, PUT_OFF, PUT_OFF.HAPPENING_ID);
  }

  @Override
  void fill(PutOffRecord row, PutOff happening) {
    row.setPurpose(happening.check().purpose().name());
    row.setSince(happening.check().since());
    row.setUntilDay(happening.until());
    row.setReason(happening.reason());
  }

  @Override
  PutOff of(PutOffRecord row, Act act) {
    return new PutOff(
        new CheckName(Purpose.valueOf(row.getPurpose()), row.getSince()),
        row.getUntilDay(),
        row.getReason());
  }

  @Override
  public Optional<Sentence> words(PutOff happening, Telling telling) {
    return Optional.of(
        say(
            "“{}” put off until {}: {}",
            happening.check().purpose().title(),
            happening.until(),
            happening.reason()));
  }
}
