package almanac.app.errands.bench;

import static almanac.app.db.Tables.JOB;

import almanac.app.db.tables.records.JobRecord;
import almanac.app.ground.refusals.Conflict;
import almanac.app.ground.refusals.NotFound;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The jobs that are not finished. */
@Repository
class JobTable {
  private final DSLContext db;
  private final KeptTold kept;

  JobTable(DSLContext db, KeptTold kept) {
    this.db = db;
    this.kept = kept;
  }

  List<Job> all() {
    return db.selectFrom(JOB).orderBy(JOB.BEGUN_AT).fetch(this::job);
  }

  Optional<Job> ofPlant(long plantId) {
    return db.fetchOptional(JOB, JOB.PLANT_ID.eq(plantId)).map(this::job);
  }

  boolean has(UUID uid) {
    return db.fetchExists(JOB, JOB.UID.eq(uid));
  }

  /**
   * @throws NotFound if there is none: it was finished or given up
   */
  Job one(UUID uid) {
    return db.fetchOptional(JOB, JOB.UID.eq(uid))
        .map(this::job)
        .orElseThrow(() -> new NotFound("This job was finished or given up."));
  }

  void begin(Job job) {
    db.executeInsert(
        new JobRecord(
            job.uid(),
            job.plantId(),
            job.begunOn(),
            job.begunAt().atOffset(ZoneOffset.UTC),
            job.version(),
            kept.written(job.told()),
            null));
  }

  /**
   * Keeps what was told of a job since.
   *
   * @param version the one that whoever tells has seen
   * @throws Conflict if it went on elsewhere meanwhile
   */
  void save(UUID uid, int version, JobTold told) {
    int saved =
        db.update(JOB)
            .set(JOB.VERSION, version + 1)
            .set(JOB.TOLD, kept.written(told))
            .setNull(JOB.TOLD_BEFORE)
            .where(JOB.UID.eq(uid), JOB.VERSION.eq(version))
            .execute();
    if (saved == 0) {
      one(uid);
      throw new Conflict("This job went on in another window. Load it again to go on from there.");
    }
  }

  /** Remembers what was told of a job before, for as long as it does not go on. */
  void remember(UUID uid, JobTold before) {
    db.update(JOB).set(JOB.TOLD_BEFORE, kept.written(before)).where(JOB.UID.eq(uid)).execute();
  }

  /** Whether what was told of a job before is remembered. */
  boolean remembers(UUID uid) {
    return db.fetchExists(JOB, JOB.UID.eq(uid), JOB.TOLD_BEFORE.isNotNull());
  }

  /** Puts back what was told of a job before, if that is remembered. */
  void putBack(UUID uid) {
    db.update(JOB)
        .set(JOB.VERSION, JOB.VERSION.plus(1))
        .set(JOB.TOLD, JOB.TOLD_BEFORE)
        .setNull(JOB.TOLD_BEFORE)
        .where(JOB.UID.eq(uid), JOB.TOLD_BEFORE.isNotNull())
        .execute();
  }

  void end(UUID uid) {
    db.deleteFrom(JOB).where(JOB.UID.eq(uid)).execute();
  }

  private Job job(JobRecord row) {
    return new Job(
        row.getUid(),
        row.getPlantId(),
        row.getBegunOn(),
        row.getBegunAt().toInstant(),
        row.getVersion(),
        kept.read(row.getTold()));
  }
}
