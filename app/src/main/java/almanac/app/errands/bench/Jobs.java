package almanac.app.errands.bench;

import almanac.app.ground.refusals.Conflict;
import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.StandingRoom;
import almanac.app.record.collection.Written;
import almanac.app.record.stock.Stocks;
import almanac.core.bench.JobAtHand;
import almanac.core.bench.JobFinished;
import almanac.core.bench.Work;
import almanac.core.history.Chronology;
import almanac.core.refusals.Entered;
import almanac.core.refusals.PastDay;
import almanac.core.refusals.Refused;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Work at the bench: begun, kept step by step, and in the end written into the journal as one act,
 * or given up without a trace.
 */
@Service
@Transactional
public class Jobs {
  private static final int LONGEST_MINUTES = 1440;

  private final JobTable table;
  private final Plants plants;
  private final Judging judging;
  private final Keeping keeping;
  private final StandingRoom room;
  private final Stocks stocks;
  private final Clock clock;

  Jobs(
      JobTable table,
      Plants plants,
      Judging judging,
      Keeping keeping,
      StandingRoom room,
      Stocks stocks,
      Clock clock) {
    this.table = table;
    this.plants = plants;
    this.judging = judging;
    this.keeping = keeping;
    this.room = room;
    this.stocks = stocks;
    this.clock = clock;
  }

  /** Begins a job on a plant, or goes on with the one that is open. */
  public Job begin(long plantId, LocalDate today) {
    here(plantId);
    return table
        .ofPlant(plantId)
        .orElseGet(
            () -> {
              var job = planned(plants.one(plantId), today);
              table.begin(job);
              return job;
            });
  }

  /** A job on a plant as it would be begun today; it is not kept. */
  Job planned(PlantInPlace plant, LocalDate today) {
    return new Job(UUID.randomUUID(), plant.id(), today, now(), 1, JobTold.NOTHING);
  }

  /** What a job would be about that is begun on a plant today, or that is open on it. */
  @Transactional(readOnly = true)
  public Work ahead(PlantInPlace plant, LocalDate today) {
    var job = of(plant, today);
    return JobAtHand.work(
        plant.plant(),
        judging.situation(plant, job.on()),
        judging.judge(plant),
        job.told().meant(job.on(), judging.figures()));
  }

  /** The job that is open on a plant, or one as it would be begun today. */
  Job of(PlantInPlace plant, LocalDate today) {
    return table.ofPlant(plant.id()).orElseGet(() -> planned(plant, today));
  }

  private PlantInPlace here(long plantId) {
    var plant = plants.one(plantId);
    if (!plant.plant().here()) {
      throw new Conflict("%s is not in the collection any more.".formatted(plant.name()));
    }
    return plant;
  }

  /** All that are not finished, the oldest first. */
  @Transactional(readOnly = true)
  public List<Job> open() {
    return table.all();
  }

  /** Whether a job is neither finished nor given up. */
  @Transactional(readOnly = true)
  boolean isOpen(UUID uid) {
    return table.has(uid);
  }

  @Transactional(readOnly = true)
  public Job one(UUID uid) {
    return table.one(uid);
  }

  /**
   * Keeps what was told of it so far. What a page tells on top of its own words is taken, though
   * their answer never reached it.
   *
   * @throws Refused if the day of the work cannot be
   * @throws Conflict if it went on elsewhere meanwhile
   */
  public Job save(UUID uid, int version, JobTold told, LocalDate today) {
    var before = table.one(uid);
    if (told.on() != null) {
      PastDay.check(Entered.ON, told.on(), today);
      Chronology.refuseBeforeMoved(plants.one(before.plantId()).plant(), Entered.ON, told.on());
    }
    var job = new Job(uid, before.plantId(), before.begunOn(), before.begunAt(), version, told);
    var atHand = atHand(job);
    boolean anew =
        !Objects.equals(told.pot(), before.told().pot())
            || !told.filling().equals(before.told().filling());
    if (anew) {
      atHand.needs().refuseTooSmall();
    }
    boolean unanswered = before.version() == version + 1 && told.follows(before.told());
    table.save(uid, unanswered ? before.version() : version, told);
    return table.one(uid);
  }

  /** Keeps of a job that the same holds for it as for another; that can be put back. */
  void saveAlike(Job job, JobTold other, LocalDate today) {
    save(job.uid(), job.version(), job.told().sameAs(other), today);
    table.remember(job.uid(), job.told());
  }

  /** Whether it has not gone on since the same was told of it as of another. */
  @Transactional(readOnly = true)
  boolean isAlike(UUID uid) {
    return table.remembers(uid);
  }

  /** Puts back what was told of it before the same was told of it as of another. */
  void putBack(UUID uid) {
    table.putBack(uid);
  }

  /** Leaves it as if it had never been begun. */
  void giveUp(UUID uid) {
    table.end(table.one(uid).uid());
  }

  /**
   * A job with what was told so far, and what follows from it.
   *
   * @throws almanac.core.refusals.Refused naming what cannot be right
   */
  @Transactional(readOnly = true)
  public JobAtHand atHand(Job job) {
    return atHand(job, plants.one(job.plantId()));
  }

  /** The job that is open on a plant, or one as it would be begun today, with what follows. */
  @Transactional(readOnly = true)
  public JobAtHand atHand(PlantInPlace plant, LocalDate today) {
    return atHand(of(plant, today), plant);
  }

  /** The same, for whoever has its plant already. */
  JobAtHand atHand(Job job, PlantInPlace plant) {
    var figures = judging.figures();
    return new JobAtHand(
        plants.whole(plant.id()),
        plant.follows(),
        judging.situation(plant, job.on()),
        judging.judge(plant),
        job.told().meant(job.on(), figures),
        figures);
  }

  /**
   * Writes it into the journal: what was found, what became of the roots, and what it stands in
   * now; and each piece that is a plant of its own from now on.
   *
   * @throws Refused if something is not said that nobody else knows
   * @throws Conflict if it went on elsewhere meanwhile
   */
  Written finish(UUID uid, int version, LocalDate today) {
    var job = table.one(uid);
    if (job.version() != version) {
      throw new Conflict("This job went on in another window. Load it again to finish it.");
    }
    var plant = here(job.plantId());
    var atHand = atHand(job, plant);
    job.unsaid(today).refuse(atHand, judging.figures());
    var finished = new JobFinished(atHand, stocks.now(), judging.figures());
    atHand
        .potted()
        .ifPresent(potted -> Chronology.refuseOutOfOrder(atHand.plant(), null, potted.potting()));
    table.end(uid);
    return keeping.part(
        job.on(),
        plant.id(),
        finished.happenings(Duration.between(job.begunAt(), now())),
        finished.daughters(room.atTheEndOf(plant.place().id())),
        today);
  }

  /** How many minutes each of so many took since it was begun, at least one. */
  int share(Job job, long among) {
    long minutes = Duration.between(job.begunAt(), now()).toMinutes() / among;
    return (int) Math.max(1, Math.min(LONGEST_MINUTES, minutes));
  }

  /** As exactly as it is kept. */
  private Instant now() {
    return clock.instant().truncatedTo(ChronoUnit.MILLIS);
  }
}
