package almanac.app.record.journal;

import static almanac.app.db.Tables.BECAME;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.BecameRecord;
import almanac.core.history.Act;
import almanac.core.history.Fate;
import almanac.core.history.Happening.Became;
import almanac.core.history.PlantStatus;
import almanac.core.words.Sentence;
import java.util.Optional;

/** Where a plant went on to in its life. */
final class BecameCodec extends TableCodec<Became, BecameRecord> {
  BecameCodec() {
    super("BECAME", Became.class, BECAME, BECAME.HAPPENING_ID);
  }

  @Override
  void fill(BecameRecord row, Became happening) {
    row.setStatus(happening.fate().status().name());
    row.setBecause(happening.fate().because());
  }

  @Override
  Became of(BecameRecord row, Act act) {
    return new Became(new Fate(PlantStatus.valueOf(row.getStatus()), row.getBecause()));
  }

  @Override
  public Optional<Sentence> words(Became happening, Telling telling) {
    var status = happening.fate().status().words();
    var because = happening.fate().because();
    return Optional.of(
        because.isEmpty() ? say("Now {}", status) : say("Now {}: {}", status, because));
  }
}
