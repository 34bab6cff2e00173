package almanac.app.journal;

import static almanac.app.db.Tables.BOOKED_CHECK;
import static almanac.app.db.Tables.CHECK_ANSWER;
import static almanac.app.db.Tables.DEVIATION;
import static almanac.app.db.Tables.ENTRY;
import static almanac.app.db.Tables.LOOK;
import static almanac.app.db.Tables.PLANT;
import static almanac.app.db.Tables.PLANT_CHANGE;
import static almanac.app.db.Tables.POTTING;
import static almanac.app.db.Tables.POTTING_PART;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toMap;

import almanac.app.benches.Bench;
import almanac.app.benches.Benches;
import almanac.app.db.tables.records.CheckAnswerRecord;
import almanac.app.db.tables.records.DeviationRecord;
import almanac.app.db.tables.records.EntryRecord;
import almanac.app.db.tables.records.LookRecord;
import almanac.app.db.tables.records.PottingPartRecord;
import almanac.app.db.tables.records.PottingRecord;
import almanac.app.profiles.Kinds;
import almanac.app.web.NotFound;
import almanac.core.followup.Check;
import almanac.core.followup.CheckAnswer;
import almanac.core.followup.Purpose;
import almanac.core.followup.Window;
import almanac.core.history.Arrival;
import almanac.core.history.Potting;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Spot;
import almanac.core.judgement.Aim;
import almanac.core.judgement.Approach;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
  private final Benches benches;
  private final Kinds kinds;
  private final ReadPlants known;

  Journal(DSLContext db, Benches benches, Kinds kinds, ReadPlants known) {
    this.known = known;
    this.db = db;
    this.benches = benches;
    this.kinds = kinds;
  }

  /** Every plant that ever was in the collection, in the order of their numbers. */
  public List<PlantRecord> everybody() {
    return ReadPlants.writing()
        ? read(DSL.trueCondition())
        : known.all(() -> read(DSL.trueCondition()), ids -> read(PLANT.ID.in(ids)));
  }

  /** Every plant that still stands on a bench, in the order of their numbers. */
  public List<PlantRecord> all() {
    return everybody().stream().filter(plant -> plant.facts().status().here()).toList();
  }

  /**
   * One plant.
   *
   * @throws NotFound if there is none of that id
   */
  public PlantRecord one(long plantId) {
    var plant =
        ReadPlants.writing()
            ? read(PLANT.ID.eq(plantId)).stream().findFirst()
            : known.one(plantId, ids -> read(PLANT.ID.in(ids)));
    return plant.orElseThrow(() -> new NotFound("There is no plant %d.".formatted(plantId)));
  }

  /** A plant of the same family. */
  public record Kin(long id, String number, String name, PlantStatus status) {}

  /** The mother of a plant and what was divided from it. */
  public List<Kin> family(PlantRecord plant) {
    var daughters = PLANT.MOTHER_ID.eq(plant.id());
    var motherId = plant.facts().motherId();
    return db.selectFrom(PLANT)
        .where(motherId == null ? daughters : daughters.or(PLANT.ID.eq(motherId)))
        .orderBy(PLANT.NUMBER)
        .fetch(
            row ->
                new Kin(
                    row.getId(),
                    row.getNumber(),
                    facts(row).name(),
                    PlantStatus.valueOf(row.getStatus())));
  }

  /** What was changed of a plant outside its journal, oldest first. */
  public List<Change> changes(long plantId) {
    return db.selectFrom(PLANT_CHANGE)
        .where(PLANT_CHANGE.PLANT_ID.eq(plantId))
        .orderBy(PLANT_CHANGE.ID)
        .fetch(row -> new Change(row.getId(), row.getChangedOn(), row.getWords()));
  }

  /** One change outside the journal, as a sentence. */
  public record Change(long id, LocalDate on, String words) {}

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
    var places = benches.all().stream().collect(toMap(Bench::id, bench -> bench));
    var own =
        db
            .select(DEVIATION.fields())
            .from(DEVIATION)
            .join(PLANT)
            .on(PLANT.ID.eq(DEVIATION.PLANT_ID))
            .where(which)
            .fetchInto(DEVIATION)
            .stream()
            .collect(groupingBy(DeviationRecord::getPlantId));
    return db.selectFrom(PLANT)
        .where(which)
        .orderBy(PLANT.NUMBER)
        .fetch(
            plant ->
                new PlantRecord(
                    plant.getId(),
                    plant.getVersion(),
                    facts(plant),
                    kinds.named(plant.getProfile()).orElseThrow(),
                    Deviations.read(own.get(plant.getId())),
                    places.get(plant.getBenchId()),
                    Aim.valueOf(plant.getAim()),
                    plant.getApproach() == null ? null : Approach.valueOf(plant.getApproach()),
                    Optional.ofNullable(plant.getArrivedOn())
                        .map(day -> new Arrival(day, plant.getCameRootless())),
                    plant.getAddedOn(),
                    entries.getOrDefault(plant.getId(), List.of()),
                    checks.getOrDefault(plant.getId(), List.of())));
  }

  private static Facts facts(almanac.app.db.tables.records.PlantRecord plant) {
    return new Facts(
        plant.getNumber(),
        plant.getLabel(),
        plant.getBelieved(),
        plant.getConfirmed(),
        plant.getParents(),
        PlantStatus.valueOf(plant.getStatus()),
        plant.getStatusReason(),
        plant.getNotes(),
        plant.getCameFrom(),
        plant.getPrice(),
        plant.getMotherId(),
        plant.getStand(),
        plant.getAsideOn(),
        plant.getApartSince(),
        plant.getHeldSince());
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
    var pot =
        new Pot(
            PotType.valueOf(row.getPot()),
            row.getDiameterMm(),
            row.getDepthMm(),
            row.getTopLayer());
    return new JournalEntry.Potted(potting, row.getInFlower(), pot);
  }

  private static JournalEntry.Inspected inspected(EntryRecord entry, Contents contents) {
    var inspection = Inspection.on(entry.getHappenedOn());
    for (var row : contents.looks().getOrDefault(entry.getId(), List.of())) {
      var spot = Spot.named(row.getItem()).orElseThrow();
      inspection = with(inspection, spot.item(), spot.lead(), row);
    }
    return new JournalEntry.Inspected(inspection);
  }

  private static <A extends Enum<A> & Answer> Inspection with(
      Inspection inspection, Item<A> item, Lead lead, LookRecord row) {
    return inspection.with(item, lead, item.kept(names(row.getAnswers()), row.getMeasured()));
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
