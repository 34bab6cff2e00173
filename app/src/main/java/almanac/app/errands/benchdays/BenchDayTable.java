package almanac.app.errands.benchdays;

import static almanac.app.db.Tables.BENCH_DAY;
import static almanac.app.db.Tables.BENCH_JOB;

import almanac.app.db.tables.records.BenchDayRecord;
import almanac.app.db.tables.records.BenchJobRecord;
import almanac.core.benchdays.BenchDay;
import almanac.core.benchdays.JobAhead.Laid;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The days that the collector has for the bench, and where each job lay in the last plan. */
@Repository
class BenchDayTable {
  private final DSLContext db;

  BenchDayTable(DSLContext db) {
    this.db = db;
  }

  /**
   * Where a job lies.
   *
   * @param pinned whether somebody chose that
   * @param missed the last day before it on which it lay and was not done
   */
  record Lay(LocalDate on, boolean pinned, Optional<LocalDate> missed) {
    Lay(LocalDate on, boolean pinned) {
      this(on, pinned, Optional.empty());
    }

    Laid laid() {
      return new Laid(on, pinned, missed);
    }
  }

  List<BenchDay> days() {
    return db.selectFrom(BENCH_DAY)
        .orderBy(BENCH_DAY.ON_DAY)
        .fetch(row -> new BenchDay(row.getOnDay(), row.getMinutes()));
  }

  /** By the plants of the jobs. */
  Map<Long, Lay> jobs() {
    return db.selectFrom(BENCH_JOB).fetch().stream()
        .collect(
            Collectors.toMap(
                BenchJobRecord::getPlantId,
                row ->
                    new Lay(
                        row.getOnDay(), row.getPinned(), Optional.ofNullable(row.getMissedOn()))));
  }

  /** In place of all days there were. */
  void setDays(List<BenchDay> days) {
    db.deleteFrom(BENCH_DAY).execute();
    db.batchInsert(days.stream().map(day -> new BenchDayRecord(day.on(), day.minutes())).toList())
        .execute();
  }

  /** In place of all jobs there were. */
  void setJobs(Map<Long, Lay> jobs) {
    db.deleteFrom(BENCH_JOB).execute();
    db.batchInsert(
            jobs.entrySet().stream()
                .map(
                    job ->
                        new BenchJobRecord(
                            job.getKey(),
                            job.getValue().on(),
                            job.getValue().pinned(),
                            job.getValue().missed().orElse(null)))
                .toList())
        .execute();
  }
}
