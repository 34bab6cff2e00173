package almanac.app.record.journal;

import static almanac.app.db.Tables.WANTED;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.WantedRecord;
import almanac.core.history.Act;
import almanac.core.history.Aim;
import almanac.core.history.Approach;
import almanac.core.history.Happening.Wanted;
import almanac.core.history.Wish;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.Objects;
import java.util.Optional;

/** What is wanted of a plant. */
final class WantedCodec extends TableCodec<Wanted, WantedRecord> {
  WantedCodec() {
    super("WANTED", Wanted.class, WANTED, WANTED.HAPPENING_ID);
  }

  @Override
  void fill(WantedRecord row, Wanted happening) {
    var approach = happening.wish().approach();
    row.setAim(happening.wish().aim().name());
    row.setApproach(approach == null ? null : approach.name());
  }

  @Override
  Wanted of(WantedRecord row, Act act) {
    var approach = row.getApproach();
    return new Wanted(
        new Wish(Aim.valueOf(row.getAim()), approach == null ? null : Approach.valueOf(approach)));
  }

  @Override
  public Optional<Sentence> words(Wanted happening, Telling telling) {
    var was = telling.before().wish();
    var is = happening.wish();
    var changes = new ArrayList<Sentence>();
    if (was.aim() != is.aim()) {
      changes.add(say("Wanted: {}", is.aim().words()));
    }
    if (!Objects.equals(was.approach(), is.approach())) {
      changes.add(
          is.approach() == null
              ? say("Judged by the approach of its place")
              : say("Judged by: {}", is.approach().words()));
    }
    return ChangesTold.together(changes);
  }
}
