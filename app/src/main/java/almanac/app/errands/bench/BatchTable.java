package almanac.app.errands.bench;

import static almanac.app.db.Tables.BATCH;
import static almanac.app.db.Tables.BATCH_PLANT;

import almanac.app.db.tables.records.BatchPlantRecord;
import almanac.app.db.tables.records.BatchRecord;
import almanac.app.ground.refusals.NotFound;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Plants that are worked on in one go, until their tags are checked in the end. */
@Repository
class BatchTable {
  private final DSLContext db;

  BatchTable(DSLContext db) {
    this.db = db;
  }

  /**
   * Several plants in one go.
   *
   * @param plants in the order of the work
   */
  record Batch(UUID uid, LocalDate begunOn, List<BatchPlant> plants) {}

  /**
   * One of them.
   *
   * @param job the job on it; finished or given up if there is none of that name any more
   */
  record BatchPlant(long plantId, UUID job, boolean tagChecked) {}

  List<Batch> all() {
    return db.selectFrom(BATCH).orderBy(BATCH.BEGUN_ON, BATCH.UID).fetch(this::batch);
  }

  /** The batch that a job belongs to, if it is one of several. */
  Optional<UUID> of(UUID job) {
    return db.select(BATCH_PLANT.BATCH_UID)
        .from(BATCH_PLANT)
        .where(BATCH_PLANT.JOB_UID.eq(job))
        .fetchOptional(BATCH_PLANT.BATCH_UID);
  }

  /**
   * @throws NotFound if its tags were checked, or there never was one
   */
  Batch one(UUID uid) {
    return db.fetchOptional(BATCH, BATCH.UID.eq(uid))
        .map(this::batch)
        .orElseThrow(() -> new NotFound("This batch is done."));
  }

  void begin(Batch batch) {
    db.executeInsert(new BatchRecord(batch.uid(), batch.begunOn()));
    var rows = new ArrayList<BatchPlantRecord>();
    for (var plant : batch.plants()) {
      rows.add(
          new BatchPlantRecord(
              batch.uid(), plant.plantId(), rows.size(), plant.job(), plant.tagChecked()));
    }
    db.batchInsert(rows).execute();
  }

  void check(UUID uid, long plantId, boolean right) {
    db.update(BATCH_PLANT)
        .set(BATCH_PLANT.TAG_CHECKED, right)
        .where(BATCH_PLANT.BATCH_UID.eq(uid), BATCH_PLANT.PLANT_ID.eq(plantId))
        .execute();
  }

  void end(UUID uid) {
    db.deleteFrom(BATCH).where(BATCH.UID.eq(uid)).execute();
  }

  private Batch batch(BatchRecord row) {
    return new Batch(
        row.getUid(),
        row.getBegunOn(),
        db.selectFrom(BATCH_PLANT)
            .where(BATCH_PLANT.BATCH_UID.eq(row.getUid()))
            .orderBy(BATCH_PLANT.TURN)
            .fetch(
                plant ->
                    new BatchPlant(plant.getPlantId(), plant.getJobUid(), plant.getTagChecked())));
  }
}
