package almanac.app.journal;

import static almanac.app.db.Tables.BOOKED_CHECK;
import static almanac.app.db.Tables.DEVIATION;
import static almanac.app.db.Tables.ENTRY;
import static almanac.app.db.Tables.PLANT;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toMap;

import almanac.app.benches.Bench;
import almanac.app.benches.Benches;
import almanac.app.db.tables.records.BookedCheckRecord;
import almanac.app.db.tables.records.DeviationRecord;
import almanac.app.profiles.Kinds;
import almanac.app.store.Writing;
import almanac.core.followup.Check;
import almanac.core.followup.Purpose;
import almanac.core.followup.Window;
import almanac.core.history.Arrival;
import almanac.core.judgement.Aim;
import almanac.core.judgement.Approach;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** Reads plants with their journals, in the same number of statements for one as for all. */
@Repository
class PlantRows {
  private final DSLContext db;
  private final Benches benches;
  private final Kinds kinds;
  private final TransactionTemplate asOfNow;

  PlantRows(DSLContext db, Benches benches, Kinds kinds, PlatformTransactionManager transactions) {
    this.db = db;
    this.benches = benches;
    this.kinds = kinds;
    asOfNow = new TransactionTemplate(transactions);
    asOfNow.setReadOnly(true);
    // H2's name for: all statements see the database as it was when the first one ran.
    asOfNow.setIsolationLevel(TransactionDefinition.ISOLATION_SERIALIZABLE);
  }

  /** Every plant, in the order of their numbers. */
  List<PlantRecord> all() {
    return whole(Whose.ANYBODY);
  }

  /** Those of the given ids, in the order of their numbers. */
  List<PlantRecord> some(Collection<Long> ids) {
    return whole(new Whose(ids));
  }

  /** Who writes sees what it wrote; who reads sees each plant whole, whatever is written. */
  private List<PlantRecord> whole(Whose whose) {
    return Writing.now() ? read(whose) : asOfNow.execute(status -> read(whose));
  }

  private List<PlantRecord> read(Whose whose) {
    var entries = entries(whose);
    var checks = checks(whose);
    var places = benches.all().stream().collect(toMap(Bench::id, bench -> bench));
    var own =
        db.selectFrom(DEVIATION).where(whose.by(DEVIATION.PLANT_ID)).stream()
            .collect(groupingBy(DeviationRecord::getPlantId));
    return db.selectFrom(PLANT)
        .where(whose.by(PLANT.ID))
        .orderBy(PLANT.NUMBER)
        .fetch(
            plant -> {
              var lines = entries.getOrDefault(plant.getId(), List.of());
              return new PlantRecord(
                  plant.getId(),
                  plant.getVersion(),
                  PlantCard.read(plant),
                  kinds.named(plant.getProfile()).orElseThrow(),
                  Deviations.read(own.get(plant.getId())),
                  places.get(plant.getBenchId()),
                  Aim.valueOf(plant.getAim()),
                  plant.getApproach() == null ? null : Approach.valueOf(plant.getApproach()),
                  Optional.ofNullable(plant.getArrivedOn())
                      .map(day -> new Arrival(day, plant.getCameRootless())),
                  plant.getAddedOn(),
                  lines,
                  lines.stream()
                      .flatMap(line -> checks.getOrDefault(line.id(), List.of()).stream())
                      .toList());
            });
  }

  private Map<Long, List<JournalEntry>> entries(Whose whose) {
    var contents = LineContents.read(db, whose);
    var entries = new HashMap<Long, List<JournalEntry>>();
    try (var rows =
        db.selectFrom(ENTRY)
            .where(whose.by(ENTRY.PLANT_ID))
            .orderBy(ENTRY.PLANT_ID, ENTRY.ID)
            .fetchLazy()) {
      for (var row : rows) {
        entries
            .computeIfAbsent(row.getPlantId(), plant -> new ArrayList<>())
            .add(
                new JournalEntry(
                    row.getId(),
                    row.getHappenedOn(),
                    row.getRecordedOn(),
                    row.getSupersedes(),
                    row.getNote(),
                    contents.of(row)));
      }
    }
    return entries;
  }

  private Map<Long, List<BookedCheck>> checks(Whose whose) {
    return db
        .selectFrom(BOOKED_CHECK)
        .where(whose.byLine(BOOKED_CHECK.ENTRY_ID))
        .orderBy(BOOKED_CHECK.ID)
        .stream()
        .collect(groupingBy(BookedCheckRecord::getEntryId, mapping(PlantRows::booked, toList())));
  }

  private static BookedCheck booked(BookedCheckRecord check) {
    return new BookedCheck(
        check.getId(),
        check.getEntryId(),
        new Check(
            Purpose.valueOf(check.getPurpose()),
            new Window(check.getEarly(), check.getBest(), check.getLate())));
  }
}
