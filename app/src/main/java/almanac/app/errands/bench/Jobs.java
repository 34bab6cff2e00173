package almanac.app.errands.bench;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Conflict;
import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.StandingRoom;
import almanac.app.record.collection.Written;
import almanac.app.record.entries.LookEntry;
import almanac.app.record.entries.MixPart;
import almanac.app.record.entries.PotEntry;
import almanac.app.record.stock.Stocks;
import almanac.core.bench.JobSteps;
import almanac.core.bench.Task;
import almanac.core.bench.Work;
import almanac.core.figures.Figures;
import almanac.core.history.Answerable;
import almanac.core.history.Chronology;
import almanac.core.history.Happening;
import almanac.core.inspection.Inspection;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Method;
import almanac.core.kinds.Trait;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.pot.Pot;
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
  private static final double MOST_BACK_ML = 100_000;

  private final JobTable table;
  private final Plants plants;
  private final Judging judging;
  private final Keeping keeping;
  private final StandingRoom room;
  private final Stocks stocks;

  Jobs(
      JobTable table,
      Plants plants,
      Judging judging,
      Keeping keeping,
      StandingRoom room,
      Stocks stocks) {
    this.table = table;
    this.plants = plants;
    this.judging = judging;
    this.keeping = keeping;
    this.room = room;
    this.stocks = stocks;
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
  static Job planned(PlantInPlace plant, LocalDate today) {
    return new Job(UUID.randomUUID(), plant.id(), today, now(), 1, JobTold.NOTHING);
  }

  /** What a job would be about that is begun on a plant today, or that is open on it. */
  @Transactional(readOnly = true)
  public Work ahead(PlantInPlace plant, LocalDate today) {
    return work(of(plant, today), plant);
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
   * @throws Conflict if it went on elsewhere meanwhile
   */
  public Job save(UUID uid, int version, JobTold told) {
    var before = table.one(uid);
    var job = new Job(uid, before.plantId(), before.begunOn(), before.begunAt(), version, told);
    var plant = plants.one(job.plantId());
    refuseBad(told);
    var work = work(job, plant);
    var parting = parting(job, plant, work);
    boolean anew =
        !Objects.equals(told.pot(), before.told().pot())
            || !told.filling().equals(before.told().filling());
    if (anew) {
      Needed.refuseTooSmall(job, plant, work, parting, judging.figures());
    }
    boolean unanswered = before.version() == version + 1 && told.follows(before.told());
    table.save(uid, unanswered ? before.version() : version, told);
    return table.one(uid);
  }

  private static void refuseBad(JobTold told) {
    told.tally().tally();
    PotEntry.pot(told.pot());
    if (told.chosen() != null && !Method.CHOICES.contains(told.chosen())) {
      throw new BadEntry("chosen", "Choose a way to move it.");
    }
    for (var task : told.added()) {
      if (!JobSteps.MAY_BE_ADDED.contains(task)) {
        throw new BadEntry("added", "%s cannot be added.".formatted(task.title()));
      }
    }
    told.filling()
        .back()
        .forEach(
            (component, ml) -> {
              if (!(ml >= 0 && ml <= MOST_BACK_ML) || component.organic()) {
                throw new BadEntry(
                    "fill.back." + component,
                    "What does not decay can be boiled and kept, up to 100 litres of it.");
              }
            });
  }

  /** Leaves it as if it had never been begun. */
  void giveUp(UUID uid) {
    table.end(table.one(uid).uid());
  }

  /** What it is about, as far as it was told. */
  @Transactional(readOnly = true)
  public Work work(Job job) {
    return work(job, plants.one(job.plantId()));
  }

  Work work(Job job, PlantInPlace plant) {
    var situation = situation(job, plant);
    var told = job.told();
    var work =
        Work.of(judging.judge(plant).judge(situation), situation, pot(plant), mix(job, plant))
            .and(told.added());
    return told.chosen() == null ? work : work.as(told.chosen());
  }

  /** The mix it goes into: the old one until another is chosen. */
  static Mix mix(Job job, PlantInPlace plant) {
    var told = job.told().mix();
    return told.isEmpty() ? plant.history().potting().mix() : MixPart.mix(told);
  }

  /** The pot it goes into: the old one until another is chosen. */
  static Pot potFor(Job job, PlantInPlace plant) {
    return job.told().pot() == null ? pot(plant) : PotEntry.pot(job.told().pot());
  }

  /** How wet its mix will be kept. */
  static Moisture moisture(Job job, PlantInPlace plant) {
    var told = job.told().moisture();
    return told == null ? plant.follows().of(Trait.MOISTURE) : told;
  }

  /** How it is drawn, and into what it is parted. */
  Parting parting(Job job, PlantInPlace plant, Work work) {
    boolean parts =
        JobSteps.of(work, judging.figures()).stream().anyMatch(step -> step.task() == Task.PART);
    return Parting.of(
        job.told(),
        plants.whole(plant.id()),
        plant.follows(),
        parts && Parting.drawn(plant.follows()));
  }

  private Situation situation(Job job, PlantInPlace plant) {
    var situation = judging.situation(plant, job.begunOn());
    var seen = seen(job, plant, judging.figures());
    return seen.empty() ? situation : situation.with(situation.history().and(seen));
  }

  static Inspection seen(Job job, PlantInPlace plant, Figures figures) {
    var seen = LookEntry.inspection(job.begunOn(), job.told().looks(), figures);
    Answerable.check(seen, plant.history().potting().mix());
    return seen;
  }

  /**
   * Writes it into the journal: what was found, what became of the roots, and what it stands in
   * now; and each piece that is a plant of its own from now on.
   *
   * @throws Conflict if it went on elsewhere meanwhile
   */
  Written finish(UUID uid, int version, LocalDate today) {
    var job = table.one(uid);
    if (job.version() != version) {
      throw new Conflict("This job went on in another window. Load it again to finish it.");
    }
    var plant = here(job.plantId());
    var work = work(job, plant);
    var finished =
        new Finished(job, plant, work, parting(job, plant, work), stocks.now(), judging.figures());
    finished
        .potted()
        .ifPresent(
            potted ->
                Chronology.refuseOutOfOrder(plants.whole(plant.id()), null, potted.potting()));
    table.end(uid);
    return keeping.part(
        job.begunOn(),
        plant.id(),
        finished.happenings(),
        finished.daughters(room.atTheEndOf(plant.place().id())),
        today);
  }

  /** As exactly as it is kept. */
  static Instant now() {
    return Instant.now().truncatedTo(ChronoUnit.MILLIS);
  }

  static Pot pot(PlantInPlace plant) {
    return ((Happening.Potted) plant.plant().potted().happening()).pot();
  }
}
