package almanac.app.journal;

import static almanac.app.db.Tables.BENCH;
import static almanac.app.db.Tables.BOOKED_CHECK;
import static almanac.app.db.Tables.CHECK_ANSWER;
import static almanac.app.db.Tables.ENTRY;
import static almanac.app.db.Tables.LOOK;
import static almanac.app.db.Tables.PLANT;
import static almanac.app.db.Tables.PLANT_CHANGE;
import static almanac.app.db.Tables.POTTING;
import static almanac.app.db.Tables.POTTING_PART;

import almanac.app.db.tables.records.LookRecord;
import almanac.app.judging.Judging;
import almanac.app.web.Conflict;
import almanac.app.web.NotFound;
import almanac.core.Refused;
import almanac.core.followup.Aftercare;
import almanac.core.followup.Check;
import almanac.core.followup.CheckAnswer;
import almanac.core.followup.Purpose;
import almanac.core.history.Arrival;
import almanac.core.history.Potting;
import almanac.core.inspection.Finding;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Spot;
import almanac.core.judgement.Aim;
import almanac.core.judgement.Approach;
import almanac.core.medium.PottedOn;
import almanac.core.profile.Deviation;
import almanac.core.profile.Profile;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Insert;
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
  private final Journal journal;
  private final Judging judging;
  private final ReadPlants known;

  Recorder(DSLContext db, Journal journal, Judging judging, ReadPlants known) {
    this.known = known;
    this.db = db;
    this.journal = journal;
    this.judging = judging;
  }

  /** A plant as it comes into the collection. */
  public record NewPlant(
      String label,
      Profile profile,
      long benchId,
      Potting potting,
      Pot pot,
      Optional<Arrival> arrival,
      String cameFrom,
      String price,
      boolean apart,
      boolean held) {}

  /**
   * What was written.
   *
   * @param plantId whose journal
   * @param entryId the line, so that it can be taken back
   */
  public record Written(long plantId, long entryId) {}

  /** Adds a plant with what is known of its pot, and books the first look. */
  public Written add(NewPlant plant, LocalDate today) {
    refuseUnknownBench(plant.benchId());
    long plantId =
        db.insertInto(PLANT)
            .set(PLANT.NUMBER, nextNumber(today))
            .set(PLANT.LABEL, plant.label())
            .set(PLANT.PROFILE, plant.profile().key())
            .set(PLANT.BENCH_ID, plant.benchId())
            .set(PLANT.STAND, lastStand(plant.benchId()) + 1)
            .set(PLANT.ADDED_ON, today)
            .set(PLANT.CAME_FROM, plant.cameFrom())
            .set(PLANT.PRICE, plant.price())
            .set(PLANT.APART_SINCE, plant.apart() ? today : null)
            .set(PLANT.HELD_SINCE, plant.held() ? today : null)
            .set(PLANT.ARRIVED_ON, plant.arrival().map(Arrival::on).orElse(null))
            .set(PLANT.CAME_ROOTLESS, plant.arrival().map(Arrival::rootless).orElse(false))
            .returningResult(PLANT.ID)
            .fetchSingle()
            .value1();
    known.forgetAfterwards(plantId);
    long entryId = line(plantId, "POTTING", today, null, "", today);
    potting(entryId, plant.potting(), plant.pot(), false);
    bookJudged(plantId, entryId, today, today);
    return new Written(plantId, entryId);
  }

  /** What can be changed of a plant outside its journal. */
  public record Change(
      Facts facts,
      Profile kind,
      long benchId,
      Aim aim,
      @Nullable Approach approach,
      Optional<Arrival> arrival,
      Deviation own) {}

  /**
   * Changes what stands outside the journal.
   *
   * @param version the one that was changed
   * @throws Conflict if somebody else has changed it since
   * @throws Refused if there is no such bench, or it came after something was seen of it
   */
  public void change(long plantId, int version, Change change, LocalDate today) {
    var plant = lock(plantId);
    if (plant.version() != version) {
      throw new Conflict("This plant was changed in another window. Load the page again.");
    }
    refuseUnknownBench(change.benchId());
    var facts = change.facts();
    if (db.fetchExists(PLANT, PLANT.NUMBER.eq(facts.number()).and(PLANT.ID.ne(plantId)))) {
      throw new Refused("number", "Another plant has the number %s.".formatted(facts.number()));
    }
    change.arrival().ifPresent(arrival -> refuseAfterLooks(arrival, plant));
    var row = db.newRecord(PLANT);
    PlantCard.write(facts, row);
    row.setProfile(change.kind().key());
    row.setBenchId(change.benchId());
    row.setAim(change.aim().name());
    row.setApproach(change.approach() == null ? null : change.approach().name());
    row.setArrivedOn(change.arrival().map(Arrival::on).orElse(null));
    row.setCameRootless(change.arrival().map(Arrival::rootless).orElse(false));
    row.setVersion(version + 1);
    db.update(PLANT).set(row).where(PLANT.ID.eq(plantId)).execute();
    Deviations.write(db, plantId, change.own());
    PlantCard.changes(plant, change).forEach(words -> changed(plantId, words, today));
  }

  private static void refuseAfterLooks(Arrival arrival, PlantRecord plant) {
    plant.inForce().stream()
        .filter(entry -> entry.content() instanceof JournalEntry.Inspected)
        .map(JournalEntry::on)
        .filter(on -> on.isBefore(arrival.on()))
        .min(LocalDate::compareTo)
        .ifPresent(
            first -> {
              throw new Refused(
                  "arrivedOn", "It was looked at here on %s already.".formatted(first));
            });
  }

  private void refuseUnknownBench(long benchId) {
    if (!db.fetchExists(BENCH, BENCH.ID.eq(benchId))) {
      throw new Refused("benchId", "There is no such bench.");
    }
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
    var plant = lock(plantId);
    var written = sentKey == null ? Optional.<Long>empty() : sentBefore(sentKey);
    if (written.isPresent()) {
      return new Written(plantId, written.get());
    }
    refuseBeforeArrival("on", inspection.on(), plant);
    if (corrects != null) {
      var line = holding(plant, corrects);
      if (!(line.content() instanceof JournalEntry.Inspected)) {
        throw new Conflict("That line of the journal is not an inspection.");
      }
    }
    long entryId = line(plantId, "INSPECTION", inspection.on(), corrects, note, today);
    if (sentKey != null) {
      db.update(ENTRY).set(ENTRY.SENT_KEY, sentKey).where(ENTRY.ID.eq(entryId)).execute();
    }
    looks(entryId, inspection);
    endHolding(plantId, inspection);
    bookJudged(plantId, entryId, today, today);
    return new Written(plantId, entryId);
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
    var plant = lock(plantId);
    long entryId = 0;
    for (var each : past) {
      refuseBeforeArrival("on", each.on(), plant);
      if (each.content() instanceof JournalEntry.Inspected inspected) {
        entryId = line(plantId, "INSPECTION", each.on(), null, "", today);
        looks(entryId, inspected.inspection());
      } else if (each.content() instanceof JournalEntry.Potted potted) {
        entryId = line(plantId, "POTTING", each.on(), null, "", today);
        potting(entryId, potted.potting(), potted.pot(), potted.inFlower());
        long line = entryId;
        Aftercare.first(each.on(), potted.inFlower(), today, judging.figures())
            .ifPresent(check -> book(line, check));
      }
    }
    if (entryId != 0) {
      bookJudged(plantId, entryId, today, today);
    }
  }

  private Optional<Long> sentBefore(String sentKey) {
    return db.select(ENTRY.ID)
        .from(ENTRY)
        .where(ENTRY.SENT_KEY.eq(sentKey))
        .fetchOptional(ENTRY.ID);
  }

  /** Holding a plant in the pot it came in ends by itself the day its roots show. */
  private void endHolding(long plantId, Inspection inspection) {
    boolean roots =
        inspection
            .look(Item.NEW_ROOTS)
            .answer()
            .filter(stage -> stage == RootStage.SWELLING || stage == RootStage.NUB)
            .isPresent();
    if (roots) {
      db.update(PLANT).setNull(PLANT.HELD_SINCE).where(PLANT.ID.eq(plantId)).execute();
    }
  }

  /** Pulls plants aside for the bench, or puts them back. */
  public void setAside(Collection<Long> plantIds, @Nullable LocalDate on) {
    plantIds.forEach(this::lock);
    db.update(PLANT).set(PLANT.ASIDE_ON, on).where(PLANT.ID.in(plantIds)).execute();
  }

  /**
   * Stands plants on a bench in the order given; others on it come after them.
   *
   * @throws Refused if there is no such bench
   */
  public void stand(long benchId, List<Long> plantIds, LocalDate today) {
    refuseUnknownBench(benchId);
    var name = db.select(BENCH.NAME).from(BENCH).where(BENCH.ID.eq(benchId)).fetchOne(BENCH.NAME);
    var others =
        db.select(PLANT.ID)
            .from(PLANT)
            .where(PLANT.BENCH_ID.eq(benchId).and(PLANT.ID.notIn(plantIds)))
            .orderBy(PLANT.STAND)
            .fetch(PLANT.ID);
    int stand = 0;
    for (var id : plantIds) {
      var plant = lock(id);
      db.update(PLANT)
          .set(PLANT.BENCH_ID, benchId)
          .set(PLANT.STAND, ++stand)
          .where(PLANT.ID.eq(id))
          .execute();
      if (plant.bench().id() != benchId) {
        changed(id, "Moved from %s to %s".formatted(plant.bench().name(), name), today);
      }
    }
    for (var id : others) {
      known.forgetAfterwards(id);
      db.update(PLANT).set(PLANT.STAND, ++stand).where(PLANT.ID.eq(id)).execute();
    }
  }

  private void changed(long plantId, String words, LocalDate today) {
    db.insertInto(PLANT_CHANGE)
        .set(PLANT_CHANGE.PLANT_ID, plantId)
        .set(PLANT_CHANGE.CHANGED_ON, today)
        .set(PLANT_CHANGE.WORDS, words)
        .execute();
  }

  /** Writes down a move into fresh medium; its clock starts anew and the aftercare begins. */
  public Written repot(
      long plantId, Potting potting, Pot pot, boolean inFlower, String note, LocalDate today) {
    var plant = lock(plantId);
    var before = plant.history().potting();
    var day = potting.knownSince();
    refuseBeforeArrival("on", day, plant);
    if (before.pottedOn() instanceof PottedOn.Between known && day.isBefore(known.earliest())) {
      throw new Refused(
          "on", "This lies before its present potting of %s.".formatted(before.pottedOn().text()));
    }
    long entryId = line(plantId, "POTTING", day, null, note, today);
    potting(entryId, potting, pot, inFlower);
    db.update(PLANT)
        .setNull(PLANT.ASIDE_ON)
        .setNull(PLANT.HELD_SINCE)
        .where(PLANT.ID.eq(plantId))
        .execute();
    Aftercare.first(day, inFlower, today, judging.figures())
        .ifPresent(check -> book(entryId, check));
    bookJudged(plantId, entryId, today, today);
    return new Written(plantId, entryId);
  }

  /** Ticks a check off; the next one is booked. */
  public Written answer(long checkId, CheckAnswer answer, String note, LocalDate today) {
    var plant = lock(plantOfCheck(checkId));
    var booked =
        plant.openChecks().stream()
            .filter(open -> open.id() == checkId)
            .findFirst()
            .orElseThrow(
                () -> new Conflict("This check is no longer open; it was answered or replaced."));
    long entryId = line(plant.id(), "CHECK", today, null, note, today);
    db.insertInto(CHECK_ANSWER)
        .set(CHECK_ANSWER.ENTRY_ID, entryId)
        .set(CHECK_ANSWER.CHECK_ID, checkId)
        .set(CHECK_ANSWER.ANSWER, answer.name())
        .execute();
    next(plant, booked.check().purpose(), answer, today).ifPresent(check -> book(entryId, check));
    bookJudged(plant.id(), entryId, today, today.plusDays(1));
    return new Written(plant.id(), entryId);
  }

  /** Strikes out a line that should not have been written; it stays readable. */
  public Written withdraw(long entryId, LocalDate today) {
    Long plantId =
        db.select(ENTRY.PLANT_ID).from(ENTRY).where(ENTRY.ID.eq(entryId)).fetchOne(ENTRY.PLANT_ID);
    if (plantId == null) {
      throw new NotFound("There is no line %d in any journal.".formatted(entryId));
    }
    var plant = lock(plantId);
    var line = holding(plant, entryId);
    boolean onlyPotting =
        line.content() instanceof JournalEntry.Potted
            && plant.inForce().stream()
                    .filter(other -> other.content() instanceof JournalEntry.Potted)
                    .count()
                == 1;
    if (onlyPotting) {
      throw new Conflict("What a plant stood in when it came cannot be struck out.");
    }
    return new Written(plantId, line(plantId, "WITHDRAWAL", today, entryId, "", today));
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

  /** Two windows on the same plant write one after the other. */
  private PlantRecord lock(long plantId) {
    db.select(PLANT.ID).from(PLANT).where(PLANT.ID.eq(plantId)).forUpdate().fetch();
    known.forgetAfterwards(plantId);
    return journal.one(plantId);
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
    return plant.inForce().stream()
        .filter(line -> line.id() == entryId)
        .findFirst()
        .orElseThrow(
            () ->
                new Conflict(
                    "This line was corrected or taken back meanwhile. Load the page again."));
  }

  private long line(
      long plantId,
      String kind,
      LocalDate on,
      @Nullable Long supersedes,
      String note,
      LocalDate today) {
    return db.insertInto(ENTRY)
        .set(ENTRY.PLANT_ID, plantId)
        .set(ENTRY.KIND, kind)
        .set(ENTRY.HAPPENED_ON, on)
        .set(ENTRY.RECORDED_ON, today)
        .set(ENTRY.SUPERSEDES, supersedes)
        .set(ENTRY.NOTE, note)
        .returningResult(ENTRY.ID)
        .fetchSingle()
        .value1();
  }

  private int lastStand(long benchId) {
    var last =
        db.select(org.jooq.impl.DSL.max(PLANT.STAND))
            .from(PLANT)
            .where(PLANT.BENCH_ID.eq(benchId))
            .fetchOne(0, Integer.class);
    return last == null ? 0 : last;
  }

  private void potting(long entryId, Potting potting, Pot pot, boolean inFlower) {
    db.insertInto(POTTING)
        .set(POTTING.ENTRY_ID, entryId)
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
                    .set(POTTING_PART.ENTRY_ID, entryId)
                    .set(POTTING_PART.COMPONENT, component.name())
                    .set(POTTING_PART.PARTS, parts)
                    .execute());
  }

  private void looks(long entryId, Inspection inspection) {
    db.batch(
            inspection.findings().entrySet().stream()
                .map(look -> insertLook(entryId, look.getKey(), look.getValue()))
                .toList())
        .execute();
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

  private void bookJudged(long plantId, long entryId, LocalDate today, LocalDate notBefore) {
    var plant = journal.one(plantId);
    var judged = judging.judge(plant, today).nextCheck();
    if (Aftercare.leavesRoomFor(judged, plant.openAftercare().map(BookedCheck::check))) {
      book(entryId, new Check(judged.purpose(), judged.window().notBefore(notBefore)));
    }
  }

  private void book(long entryId, Check check) {
    db.insertInto(BOOKED_CHECK)
        .set(BOOKED_CHECK.ENTRY_ID, entryId)
        .set(BOOKED_CHECK.PURPOSE, check.purpose().name())
        .set(BOOKED_CHECK.EARLY, check.window().early())
        .set(BOOKED_CHECK.BEST, check.window().best())
        .set(BOOKED_CHECK.LATE, check.window().late())
        .execute();
  }

  /** Numbers run by year: 26-001, 26-002, and so on. */
  private String nextNumber(LocalDate today) {
    var year = "%02d-".formatted(today.getYear() % 100);
    var last =
        db.select(PLANT.NUMBER)
            .from(PLANT)
            .where(PLANT.NUMBER.startsWith(year))
            .orderBy(org.jooq.impl.DSL.length(PLANT.NUMBER).desc(), PLANT.NUMBER.desc())
            .limit(1)
            .fetchOptional(PLANT.NUMBER);
    int next = last.map(number -> Integer.parseInt(number.substring(year.length())) + 1).orElse(1);
    return year + "%03d".formatted(next);
  }
}
