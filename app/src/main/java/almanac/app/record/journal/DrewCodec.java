package almanac.app.record.journal;

import static almanac.app.db.Tables.DREW;
import static almanac.core.words.Sentence.say;
import static java.util.stream.Collectors.groupingBy;

import almanac.app.db.tables.records.DrewRecord;
import almanac.core.history.Happening.Drew;
import almanac.core.stock.Draw;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Optional;
import java.util.function.Predicate;
import org.jooq.DSLContext;

/** What was taken from the stock, each in a row of its own. */
final class DrewCodec implements Codec<Drew> {
  @Override
  public String kind() {
    return "DREW";
  }

  @Override
  public Class<Drew> type() {
    return Drew.class;
  }

  @Override
  public void write(DSLContext db, long id, Drew drew) {
    var rows = new ArrayList<DrewRecord>();
    for (var draw : drew.draws()) {
      rows.add(
          new DrewRecord(id, rows.size(), draw.item(), draw.amount(), draw.ml(), draw.words()));
    }
    db.batchInsert(rows).execute();
  }

  @Override
  public Kept<Drew> read(Reading part) {
    var rows =
        part.rows(DREW, DREW.HAPPENING_ID).stream().collect(groupingBy(DrewRecord::getHappeningId));
    return (id, act) -> {
      if (!rows.containsKey(id)) {
        throw new IllegalStateException("What belongs to the draw %d is missing".formatted(id));
      }
      return new Drew(
          rows.get(id).stream()
              .sorted(Comparator.comparing(DrewRecord::getTurn))
              .map(row -> new Draw(row.getItemUid(), row.getAmount(), row.getMl(), row.getWords()))
              .toList());
    };
  }

  @Override
  public Optional<Sentence> words(Drew drew, Telling telling) {
    var said = new ArrayList<Sentence>();
    list(drew, draw -> draw.amount() > 0)
        .ifPresent(all -> said.add(say("From the stock: ").and(all)));
    list(drew, draw -> draw.amount() < 0)
        .ifPresent(all -> said.add(say("Back into the stock: ").and(all)));
    return ChangesTold.together(said);
  }

  private static Optional<Sentence> list(Drew drew, Predicate<Draw> which) {
    return drew.draws().stream()
        .filter(which)
        .map(DrewCodec::said)
        .reduce((one, other) -> one.and(say(", ")).and(other));
  }

  private static Sentence said(Draw draw) {
    double amount = Math.rint(Math.abs(draw.amount()));
    return say("{} {}", draw.ml() ? Measure.ML.of(amount) : Measure.COUNT.of(amount), draw.words());
  }
}
