package almanac.app.record.journal;

import static almanac.app.db.Tables.BOOKED;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.BookedRecord;
import almanac.core.history.Act;
import almanac.core.history.Booking;
import almanac.core.history.Happening.Booked;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.Optional;

/** A look or a small job of the collector's own, on a day. */
final class BookedCodec extends TableCodec<Booked, BookedRecord> {
  BookedCodec() {
    super("BOOKED", Booked.class, BOOKED, BOOKED.HAPPENING_ID);
  }

  @Override
  void fill(BookedRecord row, Booked happening) {
    var booking = happening.booking();
    row.setBooking(booking.uid());
    row.setIsLook(booking.look());
    row.setWords(booking.words());
    row.setDueDay(booking.on());
    row.setEveryWeeks(booking.everyWeeks());
  }

  @Override
  Booked of(BookedRecord row, Act act) {
    return new Booked(
        new Booking(
            row.getBooking(),
            row.getIsLook(),
            row.getWords(),
            row.getDueDay(),
            row.getEveryWeeks()));
  }

  @Override
  public Optional<Sentence> words(Booked happening, Telling telling) {
    var booking = happening.booking();
    var what =
        say(
            "{} on {}: {}",
            booking.look() ? "A look" : "To be done",
            booking.on(),
            booking.words());
    return Optional.of(
        booking.everyWeeks() == 0
            ? what
            : what.and(say(", every {}", Measure.WEEKS.of(booking.everyWeeks()))));
  }
}
