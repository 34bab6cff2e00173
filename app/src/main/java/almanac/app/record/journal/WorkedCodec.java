package almanac.app.record.journal;

import static almanac.app.db.Tables.WORKED;
import static almanac.app.db.Tables.WORKED_ROOT;
import static almanac.core.words.Sentence.say;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import almanac.app.db.tables.records.WorkedRecord;
import almanac.app.db.tables.records.WorkedRootRecord;
import almanac.core.history.Happening.Worked;
import almanac.core.history.Way;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;

/** The work at the bench, with the counts of its tally in a table of their own. */
final class WorkedCodec implements Codec<Worked> {
  @Override
  public String kind() {
    return "WORKED";
  }

  @Override
  public Class<Worked> type() {
    return Worked.class;
  }

  @Override
  public void write(DSLContext db, long id, Worked worked) {
    db.executeInsert(
        new WorkedRecord(
            id,
            worked.tally().byEye(),
            worked.minutes(),
            worked.well(),
            worked.badly(),
            worked.way().name()));
    var roots =
        worked.tally().counts().entrySet().stream()
            .map(count -> new WorkedRootRecord(id, count.getKey().name(), count.getValue()))
            .toList();
    db.batchInsert(roots).execute();
  }

  @Override
  public Kept<Worked> read(Reading part) {
    var rows = part.rows(WORKED, WORKED.HAPPENING_ID).fetchMap(WORKED.HAPPENING_ID);
    var roots =
        part.rows(WORKED_ROOT, WORKED_ROOT.HAPPENING_ID).stream()
            .collect(groupingBy(WorkedRootRecord::getHappeningId));
    return (id, act) -> {
      var row = rows.get(id);
      if (row == null) {
        throw new IllegalStateException("What belongs to the work %d is missing".formatted(id));
      }
      return of(row, roots.getOrDefault(id, List.of()));
    };
  }

  private static Worked of(WorkedRecord row, List<WorkedRootRecord> roots) {
    var counts =
        roots.stream()
            .collect(toMap(root -> RootFate.valueOf(root.getFate()), WorkedRootRecord::getRoots));
    return new Worked(
        new RootTally(counts, row.getByEye()),
        row.getMinutes(),
        row.getWell(),
        row.getBadly(),
        Way.valueOf(row.getWay()));
  }

  @Override
  public Optional<Sentence> words(Worked worked, Telling telling) {
    var said = new ArrayList<Sentence>();
    tally(worked.tally()).ifPresent(said::add);
    if (worked.minutes() > 0) {
      said.add(say("{} minutes", Measure.COUNT.of(worked.minutes())));
    }
    if (!worked.well().isBlank()) {
      said.add(say("went well: {}", worked.well()));
    }
    if (!worked.badly().isBlank()) {
      said.add(say("did not: {}", worked.badly()));
    }
    return ChangesTold.together(said).map(all -> say("At the bench: ").and(all));
  }

  private static Optional<Sentence> tally(RootTally tally) {
    var counts =
        tally.counts().entrySet().stream()
            .map(count -> say("{} {}", Measure.COUNT.of(count.getValue()), count.getKey().words()))
            .toList();
    return counts.stream()
        .reduce((one, other) -> one.and(say(", ")).and(other))
        .map(all -> say(tally.byEye() ? "roots, about: " : "roots: ").and(all));
  }
}
