package almanac.app.record.journal;

import static almanac.app.db.Tables.UNBOOKED;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.UnbookedRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening.Unbooked;
import almanac.core.words.Sentence;
import java.util.Optional;

/** Such a booking that is over. */
final class UnbookedCodec extends TableCodec<Unbooked, UnbookedRecord> {
  UnbookedCodec() {
    super("UNBOOKED", Unbooked.class, UNBOOKED, UNBOOKED.HAPPENING_ID);
  }

  @Override
  void fill(UnbookedRecord row, Unbooked happening) {
    row.setBooking(happening.booking());
  }

  @Override
  Unbooked of(UnbookedRecord row, Act act) {
    return new Unbooked(row.getBooking());
  }

  /** What it asked, as its card says at that time. */
  @Override
  public Optional<Sentence> words(Unbooked happening, Telling telling) {
    return telling.before().inHand().bookings().stream()
        .filter(each -> each.uid().equals(happening.booking()))
        .findFirst()
        .map(each -> say("No longer booked: {}", each.words()));
  }
}
