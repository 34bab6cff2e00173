package almanac.app.record.journal;

import static almanac.app.db.Tables.SINCE_DAY;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.SinceDayRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Function;

/**
 * A kind of happening that tells since when a plant is treated in some way.
 *
 * @param <H> the kind
 */
final class SinceCodec<H extends Happening> extends TableCodec<H, SinceDayRecord> {
  private final Function<LocalDate, H> since;
  private final Function<H, LocalDate> day;
  private final String told;

  /**
   * @param told in a sentence without its end
   */
  SinceCodec(
      String kind,
      Class<H> type,
      Function<LocalDate, H> since,
      Function<H, LocalDate> day,
      String told) {
    super(kind, type, SINCE_DAY, SINCE_DAY.HAPPENING_ID);
    this.since = since;
    this.day = day;
    this.told = told;
  }

  @Override
  void fill(SinceDayRecord row, H happening) {
    row.setSince(day.apply(happening));
  }

  @Override
  H of(SinceDayRecord row, Act act) {
    return since.apply(row.getSince());
  }

  @Override
  public Optional<Sentence> words(H happening, Telling telling) {
    var from = day.apply(happening);
    return Optional.of(
        from.equals(telling.line().act().on()) ? say(told) : say(told + " since {}", from));
  }
}
