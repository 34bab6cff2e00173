package almanac.app.errands.benchdays;

import static almanac.app.db.Tables.BENCH_READY;

import java.time.LocalDate;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What was ticked off as made ready for a bench day; kept until that day is over. */
@Repository
class ReadyThings {
  private final DSLContext db;

  ReadyThings(DSLContext db) {
    this.db = db;
  }

  List<String> of(LocalDate on) {
    return db.select(BENCH_READY.THING)
        .from(BENCH_READY)
        .where(BENCH_READY.ON_DAY.eq(on))
        .orderBy(BENCH_READY.THING)
        .fetch(BENCH_READY.THING);
  }

  @Transactional
  void set(LocalDate on, String thing, boolean ready, LocalDate today) {
    db.deleteFrom(BENCH_READY).where(BENCH_READY.ON_DAY.lt(today)).execute();
    if (ready) {
      db.insertInto(BENCH_READY)
          .set(BENCH_READY.ON_DAY, on)
          .set(BENCH_READY.THING, thing)
          .onDuplicateKeyIgnore()
          .execute();
    } else {
      db.deleteFrom(BENCH_READY)
          .where(BENCH_READY.ON_DAY.eq(on), BENCH_READY.THING.eq(thing))
          .execute();
    }
  }
}
