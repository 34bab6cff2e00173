package almanac.app.benches;

import static almanac.app.db.Tables.BENCH;

import almanac.core.Refused;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The benches of the collection. */
@Repository
@Transactional
public class Benches {
  private final DSLContext db;

  public Benches(DSLContext db) {
    this.db = db;
  }

  public List<Bench> all() {
    return db.selectFrom(BENCH).orderBy(BENCH.ID).fetch(Bench::of);
  }

  /**
   * Adds a bench.
   *
   * @throws Refused if there is one of that name
   */
  public Bench add(String name, boolean controlled) {
    if (db.fetchExists(BENCH, BENCH.NAME.eq(name))) {
      throw new Refused("name", "There is a bench of that name already.");
    }
    return Bench.of(
        db.insertInto(BENCH)
            .set(BENCH.NAME, name)
            .set(BENCH.CONTROLLED, controlled)
            .returning()
            .fetchSingle());
  }
}
