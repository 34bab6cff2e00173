package almanac.app.benches;

import static almanac.app.db.Tables.BENCH;
import static almanac.app.db.Tables.BENCH_MEAN;
import static almanac.app.db.Tables.PLANT;
import static almanac.app.db.Tables.SENSOR_DAY;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;

import almanac.app.db.tables.records.BenchRecord;
import almanac.app.site.ReadAnew;
import almanac.app.store.Remembered;
import almanac.app.web.Conflict;
import almanac.app.web.NotFound;
import almanac.core.Refused;
import almanac.core.judgement.Approach;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The benches of the collection. */
@Repository
public class Benches {
  private final DSLContext db;
  private final ApplicationEventPublisher events;
  private final Remembered<List<Bench>> known = new Remembered<>(this::read);

  public Benches(DSLContext db, ApplicationEventPublisher events) {
    this.db = db;
    this.events = events;
  }

  /** All benches in the order of the walk. */
  public List<Bench> all() {
    return known.get();
  }

  private void changed(String what) {
    known.written();
    events.publishEvent(new ReadAnew(what));
  }

  private List<Bench> read() {
    Map<Long, List<Double>> means =
        db.selectFrom(BENCH_MEAN).orderBy(BENCH_MEAN.BENCH_ID, BENCH_MEAN.OF_MONTH).stream()
            .collect(
                groupingBy(row -> row.getBenchId(), mapping(row -> row.getCelsius(), toList())));
    return db.selectFrom(BENCH)
        .orderBy(BENCH.WALK, BENCH.ID)
        .fetch(row -> bench(row, means.get(row.getId())));
  }

  /** A bench as somebody wants it. */
  public record Wanted(
      String name,
      BenchKind kind,
      @Nullable Double lampHours,
      @Nullable List<Double> means,
      @Nullable Approach approach) {}

  /**
   * Adds a bench at the end of the walk.
   *
   * @throws Refused if there is one of that name
   */
  @Transactional
  public Bench add(Wanted wanted) {
    refuseTaken(wanted.name(), null);
    int walk = all().stream().mapToInt(Bench::walk).max().orElse(0) + 1;
    var row = row(wanted);
    row.setWalk(walk);
    long id = db.insertInto(BENCH).set(row).returningResult(BENCH.ID).fetchSingle().value1();
    keep(id, wanted.means());
    return one(id);
  }

  /**
   * Changes a bench; its plants are judged by the new conditions at once.
   *
   * @throws NotFound if there is none of that id
   * @throws Refused if there is another one of that name
   */
  @Transactional
  public Bench change(long id, Wanted wanted) {
    refuseTaken(wanted.name(), id);
    if (db.update(BENCH).set(row(wanted)).where(BENCH.ID.eq(id)).execute() == 0) {
      throw missing(id);
    }
    keep(id, wanted.means());
    return one(id);
  }

  /**
   * Removes an empty bench.
   *
   * @throws Conflict if plants stand on it
   */
  @Transactional
  public void remove(long id) {
    int plants = db.fetchCount(PLANT, PLANT.BENCH_ID.eq(id));
    if (plants > 0) {
      throw new Conflict(
          "%d plants belong to this bench, also those that are no longer here. Move them first."
              .formatted(plants));
    }
    db.deleteFrom(BENCH_MEAN).where(BENCH_MEAN.BENCH_ID.eq(id)).execute();
    db.deleteFrom(SENSOR_DAY).where(SENSOR_DAY.BENCH_ID.eq(id)).execute();
    if (db.deleteFrom(BENCH).where(BENCH.ID.eq(id)).execute() == 0) {
      throw missing(id);
    }
    changed("bench");
  }

  /**
   * Puts the benches in the order in which they are walked along.
   *
   * @param ids every bench once
   * @throws Refused if one is missing, unknown or named twice
   */
  @Transactional
  public List<Bench> walk(List<Long> ids) {
    var known = all().stream().map(Bench::id).collect(Collectors.toSet());
    if (ids.size() != known.size() || !known.equals(Set.copyOf(ids))) {
      throw new Refused("benches", "Name every bench once, in the order of the walk.");
    }
    for (int i = 0; i < ids.size(); i++) {
      db.update(BENCH).set(BENCH.WALK, i + 1).where(BENCH.ID.eq(ids.get(i))).execute();
    }
    changed("walk");
    return read();
  }

  private Bench one(long id) {
    return read().stream()
        .filter(bench -> bench.id() == id)
        .findFirst()
        .orElseThrow(() -> missing(id));
  }

  private static NotFound missing(long id) {
    return new NotFound("There is no bench %d.".formatted(id));
  }

  private void refuseTaken(String name, @Nullable Long own) {
    var taken = BENCH.NAME.eq(name);
    if (db.fetchExists(BENCH, own == null ? taken : taken.and(BENCH.ID.ne(own)))) {
      throw new Refused("name", "There is a bench of that name already.");
    }
  }

  private BenchRecord row(Wanted wanted) {
    var row = db.newRecord(BENCH);
    row.setName(wanted.name());
    row.setKind(wanted.kind().name());
    row.setLampHours(wanted.lampHours());
    row.setApproach(wanted.approach() == null ? null : wanted.approach().name());
    return row;
  }

  private void keep(long id, @Nullable List<Double> means) {
    db.deleteFrom(BENCH_MEAN).where(BENCH_MEAN.BENCH_ID.eq(id)).execute();
    for (int i = 0; means != null && i < means.size(); i++) {
      db.insertInto(BENCH_MEAN)
          .set(BENCH_MEAN.BENCH_ID, id)
          .set(BENCH_MEAN.OF_MONTH, (short) (i + 1))
          .set(BENCH_MEAN.CELSIUS, means.get(i))
          .execute();
    }
    changed("bench");
  }

  private static Bench bench(BenchRecord row, @Nullable List<Double> means) {
    return new Bench(
        row.getId(),
        row.getName(),
        BenchKind.valueOf(row.getKind()),
        row.getWalk(),
        row.getLampHours(),
        means,
        row.getApproach() == null ? null : Approach.valueOf(row.getApproach()));
  }
}
