package almanac.app.journal;

import static almanac.app.db.Tables.BOOKED_CHECK;
import static almanac.app.db.Tables.ENTRY;
import static almanac.app.db.Tables.PLANT;

import almanac.app.judging.Judging;
import almanac.app.web.Conflict;
import almanac.app.web.NotFound;
import almanac.core.Refused;
import almanac.core.followup.Aftercare;
import almanac.core.followup.Check;
import almanac.core.followup.CheckAnswer;
import almanac.core.followup.Purpose;
import almanac.core.history.Potting;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes into journals. Each call is one transaction: the line, what belongs to it, and the checks
 * that follow from it are kept together or not at all.
 */
@Service
@Transactional
public class Recorder {
  private final DSLContext db;
  private final Lines lines;
  private final Diary diary;
  private final PlantLock lock;
  private final Judging judging;

  Recorder(DSLContext db, Lines lines, Diary diary, PlantLock lock, Judging judging) {
    this.db = db;
    this.lines = lines;
    this.diary = diary;
    this.lock = lock;
    this.judging = judging;
  }

  /**
   * Writes down an inspection.
   *
   * @param corrects the line it takes the place of, if it is a correction
   * @param sentKey given by who sends it; what was written under the same key is not written again
   */
  public Written inspect(
      long plantId,
      Inspection inspection,
      String note,
      @Nullable Long corrects,
      @Nullable String sentKey,
      LocalDate today) {
    if (inspection.empty()) {
      throw new Refused("looks", "Nothing was looked at. Answer at least one row.");
    }
    var plant = lock.take(plantId);
    var written = sentKey == null ? Optional.<Long>empty() : sentBefore(sentKey);
    if (written.isPresent()) {
      return new Written(plant, written.get());
    }
    refuseBeforeArrival("on", inspection.on(), plant);
    if (corrects != null) {
      var line = holding(plant, corrects);
      if (!(line.content() instanceof JournalEntry.Inspected)) {
        throw new Conflict("That line of the journal is not an inspection.");
      }
    }
    var line = lines.inspection(plantId, inspection, note, corrects, sentKey, today);
    var seen = endsHolding(plant, inspection) ? noLongerHeld(plantId) : plant.and(line);
    return new Written(diary.plan(seen, today, today), line.id());
  }

  private Optional<Long> sentBefore(String sentKey) {
    return db.select(ENTRY.ID)
        .from(ENTRY)
        .where(ENTRY.SENT_KEY.eq(sentKey))
        .fetchOptional(ENTRY.ID);
  }

  /** Holding a plant in the pot it came in ends by itself the day its roots show. */
  private static boolean endsHolding(PlantRecord plant, Inspection inspection) {
    return plant.facts().heldSince() != null
        && inspection
            .look(Item.NEW_ROOTS)
            .answer()
            .filter(stage -> stage == RootStage.SWELLING || stage == RootStage.NUB)
            .isPresent();
  }

  private PlantRecord noLongerHeld(long plantId) {
    db.update(PLANT)
        .setNull(PLANT.HELD_SINCE)
        .set(PLANT.VERSION, PLANT.VERSION.plus(1))
        .where(PLANT.ID.eq(plantId))
        .execute();
    return lock.read(plantId);
  }

  /** Something that happened before anybody wrote it down here. */
  public record Past(LocalDate on, JournalEntry.Content content) {}

  /**
   * Writes down what happened long ago, as it comes from other notes. Only what is still to be
   * looked at today is booked.
   *
   * @param past pottings and inspections, oldest first
   */
  public void bringIn(long plantId, List<Past> past, LocalDate today) {
    var plant = lock.take(plantId);
    for (var each : past) {
      refuseBeforeArrival("on", each.on(), plant);
    }
    for (var each : past) {
      plant = broughtIn(plant, each, today);
    }
    if (!past.isEmpty()) {
      diary.plan(plant, today, today);
    }
  }

  private PlantRecord broughtIn(PlantRecord plant, Past past, LocalDate today) {
    if (past.content() instanceof JournalEntry.Potted potted) {
      var line =
          lines.potting(
              plant.id(),
              potted.potting(),
              potted.pot(),
              potted.inFlower(),
              past.on(),
              null,
              "",
              today);
      return moved(plant.and(line), line, potted.inFlower(), today);
    }
    return past.content() instanceof JournalEntry.Inspected inspected
        ? plant.and(lines.inspection(plant.id(), inspected.inspection(), "", null, null, today))
        : plant;
  }

  private PlantRecord moved(
      PlantRecord plant, JournalEntry line, boolean inFlower, LocalDate today) {
    return Aftercare.first(line.on(), inFlower, today, judging.figures())
        .map(check -> diary.book(plant, line.id(), check))
        .orElse(plant);
  }

  /**
   * Writes down a move into fresh medium; its clock starts anew and the aftercare begins.
   *
   * @param corrects the line it takes the place of, if it is a correction
   */
  public Written repot(
      long plantId,
      Potting potting,
      Pot pot,
      boolean inFlower,
      @Nullable Long corrects,
      String note,
      LocalDate today) {
    var plant = lock.take(plantId);
    var wrong = corrects == null ? null : holding(plant, corrects);
    if (wrong != null && !(wrong.content() instanceof JournalEntry.Potted)) {
      throw new Conflict("That line of the journal is not a potting.");
    }
    boolean cameIn = wrong != null && plant.cameIn(wrong);
    var day = cameIn ? wrong.on() : potting.knownSince();
    if (!cameIn) {
      refuseBeforeArrival("on", day, plant);
    }
    Pottings.refuseOutOfOrder(plant, wrong, potting);
    var line = lines.potting(plantId, potting, pot, inFlower, day, corrects, note, today);
    if (wrong == null) {
      atTheBench(plant);
    }
    var written = lock.read(plantId);
    var after =
        cameIn || written.currentPotting().id() != line.id()
            ? written
            : wrong == null
                ? moved(written, line, inFlower, today)
                : movedOtherwise(written, line, inFlower, today);
    return new Written(diary.plan(after, today, today), line.id());
  }

  /** A move that was corrected: what was answered since stays answered. */
  private PlantRecord movedOtherwise(
      PlantRecord plant, JournalEntry line, boolean inFlower, LocalDate today) {
    return plant
        .lastAnsweredSince(line.on())
        .map(
            last ->
                Aftercare.next(
                    last.purpose(), last.answer(), line.on(), inFlower, today, judging.figures()))
        .orElseGet(() -> Aftercare.first(line.on(), inFlower, today, judging.figures()))
        .map(check -> diary.book(plant, line.id(), check))
        .orElse(plant);
  }

  /** Whoever is repotted is no longer pulled aside for it, or held. */
  private void atTheBench(PlantRecord plant) {
    if (plant.facts().asideOn() == null && plant.facts().heldSince() == null) {
      return;
    }
    db.update(PLANT)
        .setNull(PLANT.ASIDE_ON)
        .setNull(PLANT.HELD_SINCE)
        .set(PLANT.VERSION, PLANT.VERSION.plus(1))
        .where(PLANT.ID.eq(plant.id()))
        .execute();
  }

  /**
   * Ticks a check off; the next one is booked.
   *
   * @throws Refused if it is answered by a look or a soak instead
   */
  public Written answer(long checkId, CheckAnswer answer, String note, LocalDate today) {
    var plant = lock.take(plantOfCheck(checkId));
    var booked =
        plant.openChecks().stream()
            .filter(open -> open.id() == checkId)
            .findFirst()
            .orElseThrow(
                () -> new Conflict("This check is no longer open; it was answered or replaced."));
    var purpose = booked.check().purpose();
    if (purpose.answeredByLooking()) {
      throw new Refused("answer", "Write down what you see; that answers this check.");
    }
    var line = lines.answer(plant.id(), checkId, answer, note, today);
    var answered =
        next(plant, purpose, answer, today)
            .map(check -> diary.book(plant.and(line), line.id(), check))
            .orElse(plant.and(line));
    return new Written(diary.plan(answered, today, today.plusDays(1)), line.id());
  }

  /**
   * Strikes out a line that should not have been written; it stays readable. To strike out what
   * struck a line out puts that line back.
   */
  public Written withdraw(long entryId, LocalDate today) {
    Long plantId =
        db.select(ENTRY.PLANT_ID).from(ENTRY).where(ENTRY.ID.eq(entryId)).fetchOne(ENTRY.PLANT_ID);
    if (plantId == null) {
      throw new NotFound("There is no line %d in any journal.".formatted(entryId));
    }
    var plant = lock.take(plantId);
    var line = strikable(plant, entryId);
    boolean onlyPotting =
        line.content() instanceof JournalEntry.Potted
            && plant.inForce().stream()
                    .filter(other -> other.content() instanceof JournalEntry.Potted)
                    .count()
                == 1;
    if (onlyPotting) {
      throw new Conflict("What a plant stood in when it came cannot be struck out.");
    }
    var withdrawal = lines.withdrawal(plantId, entryId, today);
    return new Written(plant.and(withdrawal), withdrawal.id());
  }

  private Optional<Check> next(
      PlantRecord plant, Purpose purpose, CheckAnswer answer, LocalDate today) {
    var move = plant.currentPotting();
    var inFlower = move.content() instanceof JournalEntry.Potted potted && potted.inFlower();
    return Aftercare.next(purpose, answer, move.on(), inFlower, today, judging.figures());
  }

  private static void refuseBeforeArrival(String field, LocalDate day, PlantRecord plant) {
    plant
        .arrival()
        .filter(arrival -> day.isBefore(arrival.on()))
        .ifPresent(
            arrival -> {
              throw new Refused(
                  field,
                  "%s lies before it came on %s; nothing was seen of it here until then."
                      .formatted(day, arrival.on()));
            });
  }

  private long plantOfCheck(long checkId) {
    Long plantId =
        db.select(ENTRY.PLANT_ID)
            .from(BOOKED_CHECK)
            .join(ENTRY)
            .on(ENTRY.ID.eq(BOOKED_CHECK.ENTRY_ID))
            .where(BOOKED_CHECK.ID.eq(checkId))
            .fetchOne(ENTRY.PLANT_ID);
    if (plantId == null) {
      throw new NotFound("There is no check %d.".formatted(checkId));
    }
    return plantId;
  }

  private static JournalEntry holding(PlantRecord plant, long entryId) {
    return inForce(plant.inForce().stream(), entryId);
  }

  /** A line that holds, or one that strikes another out. */
  private static JournalEntry strikable(PlantRecord plant, long entryId) {
    var superseded = plant.superseded();
    return inForce(
        plant.entries().stream().filter(line -> !superseded.containsKey(line.id())), entryId);
  }

  private static JournalEntry inForce(Stream<JournalEntry> lines, long entryId) {
    return lines
        .filter(line -> line.id() == entryId)
        .findFirst()
        .orElseThrow(
            () ->
                new Conflict(
                    "This line was corrected or taken back meanwhile. Load the page again."));
  }
}
