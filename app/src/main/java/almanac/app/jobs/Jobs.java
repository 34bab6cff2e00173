package almanac.app.jobs;

import almanac.app.collection.Keeping;
import almanac.app.collection.PlantInPlace;
import almanac.app.collection.Plants;
import almanac.app.collection.Written;
import almanac.app.journal.NewAct;
import almanac.app.judging.Judging;
import almanac.app.refusals.Conflict;
import almanac.app.told.LookEntry;
import almanac.app.told.MixPart;
import almanac.app.told.PotEntry;
import almanac.core.figures.Figures;
import almanac.core.history.Answerable;
import almanac.core.history.Chronology;
import almanac.core.history.Happening;
import almanac.core.history.Potting;
import almanac.core.inspection.Inspection;
import almanac.core.jobs.JobSteps;
import almanac.core.jobs.Task;
import almanac.core.jobs.Work;
import almanac.core.judgement.evidence.Situation;
import almanac.core.kinds.Trait;
import almanac.core.medium.Mix;
import almanac.core.medium.PottedOn;
import almanac.core.pots.Pot;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
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
  private static final int MOST_MINUTES = 1440;

  private final JobTable table;
  private final Plants plants;
  private final Judging judging;
  private final Keeping keeping;

  Jobs(JobTable table, Plants plants, Judging judging, Keeping keeping) {
    this.table = table;
    this.plants = plants;
    this.judging = judging;
    this.keeping = keeping;
  }

  /** Begins a job on a plant, or goes on with the one that is open. */
  public Job begin(long plantId, LocalDate today) {
    here(plantId);
    return table
        .ofPlant(plantId)
        .orElseGet(
            () -> {
              var job = new Job(UUID.randomUUID(), plantId, today, now(), 1, JobTold.NOTHING);
              table.begin(job);
              return job;
            });
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

  @Transactional(readOnly = true)
  public Job one(UUID uid) {
    return table.one(uid);
  }

  /**
   * Keeps what was told of it so far.
   *
   * @throws Conflict if it went on elsewhere meanwhile
   */
  public Job save(UUID uid, int version, JobTold told) {
    var job = table.one(uid);
    work(new Job(uid, job.plantId(), job.begunOn(), job.begunAt(), version, told));
    told.tally().tally();
    PotEntry.pot(told.pot());
    table.save(uid, version, told);
    return table.one(uid);
  }

  /** Leaves it as if it had never been begun. */
  void giveUp(UUID uid) {
    table.end(table.one(uid).uid());
  }

  /** What it is about, as far as it was told. */
  @Transactional(readOnly = true)
  public Work work(Job job) {
    var plant = plants.one(job.plantId());
    var situation = situation(job, plant);
    return Work.of(judging.judge(plant).judge(situation), situation, pot(plant), mix(job, plant));
  }

  /** The mix it goes into: the old one until another is chosen. */
  private static Mix mix(Job job, PlantInPlace plant) {
    var told = job.told().mix();
    return told.isEmpty() ? plant.history().potting().mix() : MixPart.mix(told);
  }

  private boolean refills(Job job) {
    return !job.told().skipped().contains(Task.FILL)
        && JobSteps.of(work(job), judging.figures()).stream()
            .anyMatch(step -> step.task() == Task.FILL);
  }

  private Situation situation(Job job, PlantInPlace plant) {
    var situation = judging.situation(plant, job.begunOn());
    var seen = seen(job, plant, judging.figures());
    return seen.empty() ? situation : situation.with(situation.history().and(seen));
  }

  private static Inspection seen(Job job, PlantInPlace plant, Figures figures) {
    var seen = LookEntry.inspection(job.begunOn(), job.told().looks(), figures);
    Answerable.check(seen, plant.history().potting().mix());
    return seen;
  }

  /**
   * Writes it into the journal: what was found, what became of the roots, and what it stands in
   * now.
   *
   * @throws Conflict if it went on elsewhere meanwhile
   */
  Written finish(UUID uid, int version, LocalDate today) {
    var job = table.one(uid);
    if (job.version() != version) {
      throw new Conflict("This job went on in another window. Load it again to finish it.");
    }
    var plant = here(job.plantId());
    var told = job.told();
    var happenings = new ArrayList<Happening>();
    var seen = seen(job, plant, judging.figures());
    if (!seen.empty()) {
      happenings.add(new Happening.Inspected(seen));
    }
    happenings.add(
        new Happening.Worked(
            told.tally().tally(), minutes(job), told.well().strip(), told.badly().strip()));
    if (told.done().contains(Task.APART) && plant.card().apartSince() == null) {
      happenings.add(new Happening.KeptApart(job.begunOn()));
    }
    if (refills(job)) {
      var potted = potted(job, plant);
      Chronology.refuseOutOfOrder(plants.whole(job.plantId()), null, potted.potting());
      happenings.add(potted);
    }
    table.end(uid);
    return keeping.write(
        NewAct.of(job.begunOn(), job.plantId(), happenings.toArray(Happening[]::new)), today);
  }

  /** As exactly as it is kept. */
  private static Instant now() {
    return Instant.now().truncatedTo(ChronoUnit.MILLIS);
  }

  private static int minutes(Job job) {
    var given = job.told().minutes();
    return given == null
        ? (int) Math.min(MOST_MINUTES, Duration.between(job.begunAt(), now()).toMinutes())
        : given;
  }

  private static Happening.Potted potted(Job job, PlantInPlace plant) {
    var told = job.told();
    var before = plant.history();
    var moisture = told.moisture() == null ? plant.follows().of(Trait.MOISTURE) : told.moisture();
    return new Happening.Potted(
        new Potting(PottedOn.on(job.begunOn()), job.begunOn(), mix(job, plant), moisture),
        told.pot() == null ? pot(plant) : PotEntry.pot(told.pot()),
        before.inFlower(job.begunOn()));
  }

  private static Pot pot(PlantInPlace plant) {
    return ((Happening.Potted) plant.plant().potted().happening()).pot();
  }
}
