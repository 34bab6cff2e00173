package almanac.app.journal;

import static almanac.app.db.Tables.BENCH;
import static almanac.app.db.Tables.PLANT;
import static almanac.app.db.Tables.PLANT_CHANGE;
import static org.jooq.impl.DSL.max;

import almanac.app.web.Conflict;
import almanac.core.Refused;
import almanac.core.history.Arrival;
import almanac.core.history.Potting;
import almanac.core.judgement.Aim;
import almanac.core.judgement.Approach;
import almanac.core.profile.Deviation;
import almanac.core.profile.Profile;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes what stands outside the journals: the plants themselves, their cards and their places.
 * Each call is one transaction.
 */
@Service
@Transactional
public class Cards {
  /** Nobody adds so many plants a year that a turn has more digits. */
  private static final String TURN = "\\d{1,6}";

  private final DSLContext db;
  private final Lines lines;
  private final Diary diary;
  private final PlantLock lock;

  Cards(DSLContext db, Lines lines, Diary diary, PlantLock lock) {
    this.db = db;
    this.lines = lines;
    this.diary = diary;
    this.lock = lock;
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
    lock.fresh(plantId);
    var line = lines.potting(plantId, plant.potting(), plant.pot(), false, today, null, "", today);
    return new Written(diary.plan(lock.read(plantId), today, today), line.id());
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
    var plant = lock.take(plantId);
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
    row.setStand(plant.facts().stand());
    row.setAsideOn(plant.facts().asideOn());
    db.update(PLANT).set(row).where(PLANT.ID.eq(plantId)).execute();
    Deviations.write(db, plantId, change.own());
    PlantCard.changes(plant, change).forEach(words -> changed(plantId, words, today));
    diary.newcomer(lock.read(plantId), today);
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
   * Holds a plant in the pot it came in, or no longer.
   *
   * @param since the day since which it is held; null to end it
   */
  public void hold(long plantId, @Nullable LocalDate since, LocalDate today) {
    var plant = lock.take(plantId);
    if (Objects.equals(plant.facts().heldSince(), since)) {
      return;
    }
    db.update(PLANT)
        .set(PLANT.HELD_SINCE, since)
        .set(PLANT.VERSION, PLANT.VERSION.plus(1))
        .where(PLANT.ID.eq(plantId))
        .execute();
    changed(
        plantId, since == null ? "No longer held in its pot" : "Held in the pot it came in", today);
    diary.newcomer(lock.read(plantId), today);
  }

  /** Pulls plants aside for the bench, or puts them back. */
  public void setAside(Collection<Long> plantIds, @Nullable LocalDate on) {
    plantIds.forEach(lock::take);
    db.update(PLANT)
        .set(PLANT.ASIDE_ON, on)
        .set(PLANT.VERSION, PLANT.VERSION.plus(1))
        .where(PLANT.ID.in(plantIds).and(PLANT.ASIDE_ON.isDistinctFrom(on)))
        .execute();
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
      var plant = lock.take(id);
      boolean moves = plant.bench().id() != benchId;
      db.update(PLANT)
          .set(PLANT.BENCH_ID, benchId)
          .set(PLANT.STAND, ++stand)
          .set(PLANT.VERSION, PLANT.VERSION.plus(moves ? 1 : 0))
          .where(PLANT.ID.eq(id))
          .execute();
      if (moves) {
        changed(id, "Moved from %s to %s".formatted(plant.bench().name(), name), today);
      }
    }
    for (var id : others) {
      lock.fresh(id);
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

  private int lastStand(long benchId) {
    var last =
        db.select(max(PLANT.STAND))
            .from(PLANT)
            .where(PLANT.BENCH_ID.eq(benchId))
            .fetchOne(0, Integer.class);
    return last == null ? 0 : last;
  }

  /**
   * Numbers run by year: 26-001, 26-002, and so on. What a collector has numbered otherwise, such
   * as 26-001a, is passed by.
   */
  private String nextNumber(LocalDate today) {
    var year = "%02d-".formatted(today.getYear() % 100);
    int last =
        db
            .select(PLANT.NUMBER)
            .from(PLANT)
            .where(PLANT.NUMBER.startsWith(year))
            .fetch(PLANT.NUMBER)
            .stream()
            .map(number -> number.substring(year.length()))
            .filter(turn -> turn.matches(TURN))
            .mapToInt(Integer::parseInt)
            .max()
            .orElse(0);
    return year + "%03d".formatted(last + 1);
  }
}
