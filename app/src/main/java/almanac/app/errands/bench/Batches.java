package almanac.app.errands.bench;

import almanac.app.errands.bench.BatchTable.Batch;
import almanac.app.errands.bench.BatchTable.BatchPlant;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Conflict;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Several plants worked on in one go: one preparation, plant by plant, each with its own record,
 * and all tags checked in the end, because this is where they are swapped.
 */
@Service
@Transactional
class Batches {
  private static final int MOST = 100;

  private final BatchTable table;
  private final Jobs jobs;
  private final Plants plants;

  Batches(BatchTable table, Jobs jobs, Plants plants) {
    this.table = table;
    this.jobs = jobs;
    this.plants = plants;
  }

  /**
   * Begins a batch, with a job on each plant.
   *
   * @throws BadEntry if there are not from 2 to 100 plants
   */
  Batch begin(List<Long> plantIds, LocalDate today) {
    var ids = plantIds.stream().distinct().toList();
    if (ids.size() < 2 || ids.size() > MOST) {
      throw new BadEntry("plants", "A batch has from 2 to 100 plants.");
    }
    for (var other : table.all()) {
      other.plants().stream()
          .filter(plant -> ids.contains(plant.plantId()))
          .findFirst()
          .ifPresent(
              plant -> {
                throw new Conflict(
                    "%s is in another batch that is not done yet."
                        .formatted(plants.one(plant.plantId()).name()));
              });
    }
    var batch =
        new Batch(
            UUID.randomUUID(),
            today,
            ids.stream()
                .map(id -> new BatchPlant(id, jobs.begin(id, today).uid(), false))
                .toList());
    table.begin(batch);
    return batch;
  }

  /** Those of which the tags were not checked yet. */
  @Transactional(readOnly = true)
  List<Batch> open() {
    return table.all();
  }

  @Transactional(readOnly = true)
  Batch one(UUID uid) {
    return table.one(uid);
  }

  /**
   * What was told of one plant is told of all others that are not done, as far as it is the same.
   *
   * @throws BadEntry if that plant is done, or is not of the batch
   * @throws Conflict naming a plant on which it cannot be so; then nothing is told
   */
  Batch same(UUID uid, long like, LocalDate today) {
    var batch = table.one(uid);
    var told = jobs.one(open(batch, like, "like").job()).told();
    for (var plant : batch.plants()) {
      if (plant.plantId() != like && plants.has(plant.plantId()) && jobs.isOpen(plant.job())) {
        var job = jobs.one(plant.job());
        try {
          jobs.saveAlike(job, told, today);
        } catch (Refused refused) {
          throw new Conflict("%s: %s".formatted(name(plant), refused.getMessage()));
        }
      }
    }
    return batch;
  }

  /**
   * Puts back what was told of the others before, of those that have not gone on since.
   *
   * @throws Conflict if they all have
   */
  Batch apart(UUID uid) {
    var batch = table.one(uid);
    var alike = alike(batch);
    if (alike.isEmpty()) {
      throw new Conflict("They all went on since, each by itself.");
    }
    alike.forEach(jobs::putBack);
    return batch;
  }

  /** The jobs that have not gone on since the same was told of them as of another. */
  @Transactional(readOnly = true)
  List<UUID> alike(Batch batch) {
    return batch.plants().stream().map(BatchPlant::job).filter(jobs::isAlike).toList();
  }

  /**
   * A plant is done as it was told, and its tag is the right one. Its minutes are the mean of all
   * that are done so far, unless they were told.
   *
   * @throws BadEntry if it is done already, or is not of the batch
   */
  Batch done(UUID uid, long plantId, LocalDate today) {
    var batch = table.one(uid);
    var job = jobs.one(open(batch, plantId, "plant").job());
    long before = batch.plants().stream().filter(each -> !jobs.isOpen(each.job())).count();
    if (job.told().minutes() == null) {
      job =
          jobs.save(
              job.uid(), job.version(), job.told().taking(jobs.share(job, before + 1)), today);
    }
    jobs.finish(job.uid(), job.version(), today);
    return check(uid, plantId, true);
  }

  private BatchPlant open(Batch batch, long plantId, String field) {
    return batch.plants().stream()
        .filter(plant -> plant.plantId() == plantId && jobs.isOpen(plant.job()))
        .findFirst()
        .orElseThrow(() -> new BadEntry(field, "This plant is not to be done in this batch."));
  }

  /** The tag of a plant was held against the record, and is right or not. */
  Batch check(UUID uid, long plantId, boolean right) {
    table.one(uid);
    table.check(uid, plantId, right);
    return table.one(uid);
  }

  /**
   * Everything is done.
   *
   * @throws Conflict if a job is open, or a tag was not checked
   */
  void end(UUID uid) {
    var batch = table.one(uid);
    for (var plant : batch.plants()) {
      if (plants.has(plant.plantId()) && jobs.isOpen(plant.job())) {
        throw new Conflict("%s is not finished yet.".formatted(name(plant)));
      }
    }
    for (var plant : batch.plants()) {
      if (!plant.tagChecked() && plants.has(plant.plantId())) {
        throw new Conflict("Check the tag of %s first.".formatted(name(plant)));
      }
    }
    table.end(uid);
  }

  private String name(BatchPlant plant) {
    PlantInPlace there = plants.one(plant.plantId());
    return there.name();
  }
}
