package almanac.app.record.journal;

import static almanac.app.db.Tables.KIN;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.KinRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening;
import almanac.core.words.Sentence;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A kind of happening that names another plant.
 *
 * @param <H> the kind
 */
final class KinCodec<H extends Happening> extends TableCodec<H, KinRecord> {
  private final Function<@Nullable Long, H> with;
  private final Function<H, @Nullable Long> relative;
  private final String told;
  private final String toldOfNone;

  /**
   * @param told in a sentence with a place for the other plant
   * @param toldOfNone if there is no other plant
   */
  KinCodec(
      String kind,
      Class<H> type,
      Function<@Nullable Long, H> with,
      Function<H, @Nullable Long> relative,
      String told,
      String toldOfNone) {
    super(kind, type, KIN, KIN.HAPPENING_ID);
    this.with = with;
    this.relative = relative;
    this.told = told;
    this.toldOfNone = toldOfNone;
  }

  @Override
  void fill(KinRecord row, H happening) {
    row.setRelativeId(relative.apply(happening));
  }

  @Override
  H of(KinRecord row, Act act) {
    return with.apply(row.getRelativeId());
  }

  @Override
  public Optional<Sentence> words(H happening, Telling telling) {
    var other = relative.apply(happening);
    return Optional.of(other == null ? say(toldOfNone) : say(told, telling.naming().plant(other)));
  }
}
