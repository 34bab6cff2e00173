package almanac.app.benches;

import static almanac.app.db.Tables.BENCH;
import static almanac.app.db.Tables.BENCH_MEAN;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;

import almanac.app.db.tables.records.BenchRecord;
import almanac.app.web.NotFound;
import almanac.core.Refused;
import almanac.core.judgement.Approach;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
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
    Map<Long, List<Double>> means =
        db.selectFrom(BENCH_MEAN).orderBy(BENCH_MEAN.BENCH_ID, BENCH_MEAN.OF_MONTH).stream()
            .collect(
                groupingBy(row -> row.getBenchId(), mapping(row -> row.getCelsius(), toList())));
    return db.selectFrom(BENCH).orderBy(BENCH.ID).fetch(row -> bench(row, means.get(row.getId())));
  }

  /**
   * Adds a bench.
   *
   * @throws Refused if there is one of that name, or its means make no sense
   */
  public Bench add(
      String name,
      @Nullable Double lampHours,
      @Nullable List<Double> means,
      @Nullable Approach approach) {
    refuseTaken(name, null);
    var row = db.newRecord(BENCH);
    write(row, name, lampHours, approach);
    long id = db.insertInto(BENCH).set(row).returningResult(BENCH.ID).fetchSingle().value1();
    keep(id, means);
    return new Bench(id, name, lampHours, means, approach);
  }

  /**
   * Changes a bench; its plants are judged by the new conditions at once.
   *
   * @throws NotFound if there is none of that id
   * @throws Refused if there is another one of that name, or its means make no sense
   */
  public Bench change(Bench bench) {
    refuseTaken(bench.name(), bench.id());
    var row = db.newRecord(BENCH);
    write(row, bench.name(), bench.lampHours(), bench.approach());
    if (db.update(BENCH).set(row).where(BENCH.ID.eq(bench.id())).execute() == 0) {
      throw new NotFound("There is no bench %d.".formatted(bench.id()));
    }
    keep(bench.id(), bench.means());
    return bench;
  }

  private void refuseTaken(String name, @Nullable Long own) {
    var taken = BENCH.NAME.eq(name);
    if (db.fetchExists(BENCH, own == null ? taken : taken.and(BENCH.ID.ne(own)))) {
      throw new Refused("name", "There is a bench of that name already.");
    }
  }

  private static void write(
      BenchRecord row, String name, @Nullable Double lampHours, @Nullable Approach approach) {
    row.setName(name);
    row.setLampHours(lampHours);
    row.setApproach(approach == null ? null : approach.name());
  }

  private void keep(long id, @Nullable List<Double> means) {
    db.deleteFrom(BENCH_MEAN).where(BENCH_MEAN.BENCH_ID.eq(id)).execute();
    if (means == null) {
      return;
    }
    for (int i = 0; i < means.size(); i++) {
      db.insertInto(BENCH_MEAN)
          .set(BENCH_MEAN.BENCH_ID, id)
          .set(BENCH_MEAN.OF_MONTH, (short) (i + 1))
          .set(BENCH_MEAN.CELSIUS, means.get(i))
          .execute();
    }
  }

  private static Bench bench(BenchRecord row, @Nullable List<Double> means) {
    return new Bench(
        row.getId(),
        row.getName(),
        row.getLampHours(),
        means,
        row.getApproach() == null ? null : Approach.valueOf(row.getApproach()));
  }
}
