package almanac.app.errands.bench;

import almanac.app.errands.bench.BatchTable.Batch;
import almanac.app.errands.bench.BatchTable.BatchPlant;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Conflict;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
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
