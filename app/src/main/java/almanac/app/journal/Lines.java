package almanac.app.journal;

import static almanac.app.db.Tables.CHECK_ANSWER;
import static almanac.app.db.Tables.ENTRY;
import static almanac.app.db.Tables.LOOK;
import static almanac.app.db.Tables.POTTING;
import static almanac.app.db.Tables.POTTING_PART;

import almanac.app.db.tables.records.LookRecord;
import almanac.core.followup.CheckAnswer;
import almanac.core.history.Potting;
import almanac.core.inspection.Finding;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Spot;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Insert;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** Writes lines of journals with what belongs to them, each given back as it will be read. */
@Repository
class Lines {
  private final DSLContext db;

  Lines(DSLContext db) {
    this.db = db;
  }

  JournalEntry inspection(
      long plantId,
      Inspection inspection,
      String note,
      @Nullable Long corrects,
      @Nullable String sentKey,
      LocalDate today) {
    long id = line(plantId, "INSPECTION", inspection.on(), corrects, note, sentKey, today);
    db.batch(
            inspection.findings().entrySet().stream()
                .map(look -> insertLook(id, look.getKey(), look.getValue()))
                .toList())
        .execute();
    var content = new JournalEntry.Inspected(inspection);
    return new JournalEntry(id, inspection.on(), today, corrects, note, content);
  }

  JournalEntry potting(
      long plantId,
      Potting potting,
      Pot pot,
      boolean inFlower,
      LocalDate on,
      @Nullable Long corrects,
      String note,
      LocalDate today) {
    long id = line(plantId, "POTTING", on, corrects, note, null, today);
    db.insertInto(POTTING)
        .set(POTTING.ENTRY_ID, id)
        .set(POTTING.POTTED_ON, potting.pottedOn().text())
        .set(POTTING.MOISTURE, potting.moisture().name())
        .set(POTTING.IN_FLOWER, inFlower)
        .set(POTTING.POT, pot.type().name())
        .set(POTTING.DIAMETER_MM, pot.diameterMm())
        .set(POTTING.DEPTH_MM, pot.depthMm())
        .set(POTTING.TOP_LAYER, pot.topLayer())
        .execute();
    potting
        .mix()
        .parts()
        .forEach(
            (component, parts) ->
                db.insertInto(POTTING_PART)
                    .set(POTTING_PART.ENTRY_ID, id)
                    .set(POTTING_PART.COMPONENT, component.name())
                    .set(POTTING_PART.PARTS, parts)
                    .execute());
    var content = new JournalEntry.Potted(potting, inFlower, pot);
    return new JournalEntry(id, on, today, corrects, note, content);
  }

  JournalEntry answer(
      long plantId, long checkId, CheckAnswer answer, String note, LocalDate today) {
    long id = line(plantId, "CHECK", today, null, note, null, today);
    db.insertInto(CHECK_ANSWER)
        .set(CHECK_ANSWER.ENTRY_ID, id)
        .set(CHECK_ANSWER.CHECK_ID, checkId)
        .set(CHECK_ANSWER.ANSWER, answer.name())
        .execute();
    var content = new JournalEntry.Answered(checkId, answer);
    return new JournalEntry(id, today, today, null, note, content);
  }

  JournalEntry withdrawal(long plantId, long entryId, LocalDate today) {
    long id = line(plantId, "WITHDRAWAL", today, entryId, "", null, today);
    return new JournalEntry(id, today, today, entryId, "", new JournalEntry.Withdrawn());
  }

  private long line(
      long plantId,
      String kind,
      LocalDate on,
      @Nullable Long supersedes,
      String note,
      @Nullable String sentKey,
      LocalDate today) {
    return db.insertInto(ENTRY)
        .set(ENTRY.PLANT_ID, plantId)
        .set(ENTRY.KIND, kind)
        .set(ENTRY.HAPPENED_ON, on)
        .set(ENTRY.RECORDED_ON, today)
        .set(ENTRY.SUPERSEDES, supersedes)
        .set(ENTRY.NOTE, note)
        .set(ENTRY.SENT_KEY, sentKey)
        .returningResult(ENTRY.ID)
        .fetchSingle()
        .value1();
  }

  private Insert<LookRecord> insertLook(long entryId, Spot spot, Finding<?> finding) {
    return db.insertInto(LOOK)
        .set(LOOK.ENTRY_ID, entryId)
        .set(LOOK.ITEM, spot.key())
        .set(
            LOOK.ANSWERS,
            finding.answers().stream()
                .map(answer -> ((Answer) answer).name())
                .collect(Collectors.joining(" ")))
        .set(
            LOOK.MEASURED,
            finding.measured().isPresent() ? finding.measured().getAsDouble() : null);
  }
}
