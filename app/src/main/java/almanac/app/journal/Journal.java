package almanac.app.journal;

import static almanac.app.db.Tables.BENCH;
import static almanac.app.db.Tables.BOOKED_CHECK;
import static almanac.app.db.Tables.CHECK_ANSWER;
import static almanac.app.db.Tables.ENTRY;
import static almanac.app.db.Tables.LOOK;
import static almanac.app.db.Tables.PLANT;
import static almanac.app.db.Tables.POTTING;
import static almanac.app.db.Tables.POTTING_PART;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toMap;

import almanac.app.benches.Bench;
import almanac.app.db.tables.records.CheckAnswerRecord;
import almanac.app.db.tables.records.EntryRecord;
import almanac.app.db.tables.records.LookRecord;
import almanac.app.db.tables.records.PottingPartRecord;
import almanac.app.db.tables.records.PottingRecord;
import almanac.app.web.NotFound;
import almanac.core.followup.Check;
import almanac.core.followup.CheckAnswer;
import almanac.core.followup.Purpose;
import almanac.core.followup.Window;
import almanac.core.history.Potting;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.profile.Profiles;
import almanac.core.words.Answer;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Reads journals, in the same number of statements for one plant as for all. */
@Repository
public class Journal {
  private final DSLContext db;

  public Journal(DSLContext db) {
    this.db = db;
  }

  /** Every plant, in the order of their numbers. */
  public List<PlantRecord> all() {
    return read(DSL.trueCondition());
  }

  /**
   * One plant.
   *
   * @throws NotFound if there is none of that id
   */
  public PlantRecord one(long plantId) {
    return read(PLANT.ID.eq(plantId)).stream()
        .findFirst()
        .orElseThrow(() -> new NotFound("There is no plant %d.".formatted(plantId)));
  }

  private List<PlantRecord> read(Condition which) {
    var content = contents(which);
    var entries =
        db
            .select(ENTRY.fields())
            .from(ENTRY)
            .join(PLANT)
            .on(PLANT.ID.eq(ENTRY.PLANT_ID))
            .where(which)
            .orderBy(ENTRY.ID)
            .fetchInto(ENTRY)
            .stream()
            .collect(
                groupingBy(
                    EntryRecord::getPlantId, mapping(entry -> line(entry, content), toList())));
    var checks =
        db
            .select(BOOKED_CHECK.fields())
            .select(ENTRY.PLANT_ID)
            .from(BOOKED_CHECK)
            .join(ENTRY)
            .on(ENTRY.ID.eq(BOOKED_CHECK.ENTRY_ID))
            .join(PLANT)
            .on(PLANT.ID.eq(ENTRY.PLANT_ID))
            .where(which)
            .orderBy(BOOKED_CHECK.ID)
            .stream()
            .collect(
                groupingBy(row -> row.get(ENTRY.PLANT_ID), mapping(Journal::booked, toList())));
    return db.select(PLANT.fields())
        .select(BENCH.fields())
        .from(PLANT)
        .join(BENCH)
        .on(BENCH.ID.eq(PLANT.BENCH_ID))
        .where(which)
        .orderBy(PLANT.NUMBER)
        .fetch(
            row -> {
              var plant = row.into(PLANT);
              return new PlantRecord(
                  plant.getId(),
                  plant.getNumber(),
                  plant.getLabel(),
                  Profiles.named(plant.getProfile()).orElseThrow(),
                  Bench.of(row.into(BENCH)),
                  plant.getAddedOn(),
                  entries.getOrDefault(plant.getId(), List.of()),
                  checks.getOrDefault(plant.getId(), List.of()));
            });
  }

  /** What belongs to the lines of the journal, by their ids. */
  private record Contents(
      Map<Long, List<LookRecord>> looks,
      Map<Long, PottingRecord> pottings,
      Map<Long, List<PottingPartRecord>> parts,
      Map<Long, JournalEntry.Answered> answers) {}

  private Contents contents(Condition which) {
    return new Contents(
        rows(LOOK, LOOK.ENTRY_ID, which).collect(groupingBy(LookRecord::getEntryId)),
        rows(POTTING, POTTING.ENTRY_ID, which)
            .collect(toMap(PottingRecord::getEntryId, potting -> potting)),
        rows(POTTING_PART, POTTING_PART.ENTRY_ID, which)
            .collect(groupingBy(PottingPartRecord::getEntryId)),
        rows(CHECK_ANSWER, CHECK_ANSWER.ENTRY_ID, which)
            .collect(
                toMap(
                    CheckAnswerRecord::getEntryId,
                    answer ->
                        new JournalEntry.Answered(
                            answer.getCheckId(), CheckAnswer.valueOf(answer.getAnswer())))));
  }

  /** The rows of a table that belong to lines of the wanted plants. */
  private <R extends Record> Stream<R> rows(
      Table<R> table, TableField<R, Long> entryId, Condition which) {
    return db
        .select(table.fields())
        .from(table)
        .join(ENTRY)
        .on(ENTRY.ID.eq(entryId))
        .join(PLANT)
        .on(PLANT.ID.eq(ENTRY.PLANT_ID))
        .where(which)
        .fetchInto(table)
        .stream();
  }

  private static JournalEntry line(EntryRecord entry, Contents contents) {
    return new JournalEntry(
        entry.getId(),
        entry.getHappenedOn(),
        entry.getRecordedOn(),
        entry.getSupersedes(),
        entry.getNote(),
        switch (entry.getKind()) {
          case "POTTING" -> potted(entry, contents);
          case "INSPECTION" -> inspected(entry, contents);
          case "CHECK" -> contents.answers().get(entry.getId());
          default -> new JournalEntry.Withdrawn();
        });
  }

  private static JournalEntry.Potted potted(EntryRecord entry, Contents contents) {
    var row = contents.pottings().get(entry.getId());
    var parts =
        contents.parts().get(entry.getId()).stream()
            .collect(
                toMap(part -> Component.valueOf(part.getComponent()), PottingPartRecord::getParts));
    var potting =
        new Potting(
            PottedOn.parse(row.getPottedOn()),
            entry.getHappenedOn(),
            new Mix(parts),
            Moisture.valueOf(row.getMoisture()));
    return new JournalEntry.Potted(potting, row.getInFlower());
  }

  private static JournalEntry.Inspected inspected(EntryRecord entry, Contents contents) {
    var inspection = Inspection.on(entry.getHappenedOn());
    for (var row : contents.looks().getOrDefault(entry.getId(), List.of())) {
      inspection = with(inspection, Item.named(row.getItem()).orElseThrow(), row);
    }
    return new JournalEntry.Inspected(inspection);
  }

  private static <A extends Enum<A> & Answer> Inspection with(
      Inspection inspection, Item<A> item, LookRecord row) {
    return inspection.with(item, item.kept(names(row.getAnswers()), row.getMeasured()));
  }

  private static List<String> names(String answers) {
    return answers.isEmpty() ? List.of() : List.of(answers.split(" "));
  }

  private static BookedCheck booked(Record row) {
    var check = row.into(BOOKED_CHECK);
    return new BookedCheck(
        check.getId(),
        check.getEntryId(),
        new Check(
            Purpose.valueOf(check.getPurpose()),
            new Window(check.getEarly(), check.getBest(), check.getLate())));
  }
}
