package almanac.app;

import almanac.app.record.collection.Plants;
import almanac.app.start.OlderData;
import almanac.app.start.RunningApplication;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.kinds.StandardKinds;
import java.nio.file.Path;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/**
 * A made-up collection of 5,000 plants with ten years and 230 rows of history each; run by {@code
 * ./almanac bench}.
 */
class CollectionBench {
  @RegisterExtension
  static final RunningApplication APP = RunningApplication.over(CollectionBench::fill);

  private static long filled;

  private static final LocalDate TODAY = RunningApplication.TODAY;
  static final int PLANTS = Integer.getInteger("almanac.plants", 5000);
  private static final int PLANTS_A_BATCH = 100;
  private static final int BENCHES = 20;
  private static final int YEARS = 10;
  private static final int INSPECTIONS = 24;
  private static final long DAYS_FROM_LOOK_TO_LOOK = YEARS * 365L / INSPECTIONS;
  private static final int DAYS_IN_A_POT = 730;
  private static final int POTTINGS = 5;
  private static final List<Item<?>> LOOKED_AT =
      List.of(
          Items.LEAVES,
          Items.GROWTH,
          Items.BLOOM,
          Items.STABILITY,
          Items.NEW_ROOTS,
          Items.MEDIUM_PIECE,
          Items.SMELL,
          Items.PESTS);

  @Test
  void pagesOfALargeCollection() throws Exception {
    APP.bean(Plants.class).forget();
    System.out.printf(
        "A collection of %,d plants and %,d rows of history over ten years:%n", PLANTS, filled);
    double jdbc = median(3, this::plainly);
    double cold = millis(() -> APP.get("/api/plants"));
    double sorting = median(9, () -> APP.get("/api/plants"));
    double yearCold = millis(() -> APP.get("/api/year"));
    double year = median(9, () -> APP.get("/api/year"));
    double past = median(20, () -> APP.get("/api/year/past?plants=" + fifty()));
    double rounds = median(5, () -> APP.get("/api/rounds"));
    double taughtCold = millis(() -> APP.get("/api/taught"));
    double taught = median(9, () -> APP.get("/api/taught"));
    double page = median(100, () -> APP.get("/api/plants/" + (1 + new Random().nextInt(PLANTS))));
    double saving = median(100, CollectionBench::inspect);
    var job = APP.post("/api/plants/1/job", "{}").body();
    double step =
        median(
            100,
            new Callable<>() {
              private int version = job.path("version").asInt();

              @Override
              public Object call() throws Exception {
                return APP.put(
                    "/api/jobs/%s?version=%d".formatted(job.path("uid").asString(), version++),
                    job.path("told").toString());
              }
            });
    System.gc();
    long used = Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
    say("all history rows by plain JDBC", jdbc, 0);
    System.out.printf(
        "  %-34s %8.0f ms, %.1f of plain JDBC%n", "sorting page, first time", cold, cold / jdbc);
    say("sorting page, warm", sorting, 400);
    say("the year, once plants are judged", yearCold, 500);
    say("the year, warm", year, 500);
    say("past years of fifty plants", past, 0);
    say("rounds ahead", rounds, 0);
    say("what it taught, first time", taughtCold, 1000);
    say("what it taught, warm", taught, 100);
    say("plant's page", page, 60);
    say("an inspection with its new slip", saving, 50);
    say("a step at the bench", step, 50);
    System.out.printf("  %-34s %8d MB%n", "heap in use", used / 1_000_000);
  }

  private static void say(String what, double millis, double wanted) {
    System.out.printf(
        "  %-34s %8.1f ms%s%n",
        what,
        millis,
        wanted == 0 ? "" : "; wanted %.0f: %.2f of it".formatted(wanted, millis / wanted));
  }

  private static String fifty() {
    return new Random()
        .ints(50, 1, PLANTS)
        .mapToObj(Integer::toString)
        .collect(Collectors.joining(","));
  }

  private static Object inspect() throws Exception {
    return APP.post(
        "/api/plants/%d/inspections".formatted(1 + new Random().nextInt(PLANTS)),
        "{\"on\":\"2027-05-15\",\"looks\":{\"leaves\":{\"answers\":[\"FIRM\"]},\"newRoots\":{\"answers\":[],\"measured\":12}}}");
  }

  private Object plainly() throws Exception {
    long seen = 0;
    try (var connection = APP.bean(DataSource.class).getConnection();
        var statement = connection.createStatement();
        var rows =
            statement.executeQuery(
                "select h.plant_id, a.happened_on, l.item, l.answers, l.measured from looked l"
                    + " join happening h on h.id = l.happening_id join act a on a.id = h.act_id")) {
      while (rows.next()) {
        seen += rows.getLong(1) + rows.getString(4).length();
      }
    }
    return seen;
  }

  private static double median(int times, Callable<?> task) throws Exception {
    var took = new double[times];
    for (int i = 0; i < times; i++) {
      took[i] = millis(task);
    }
    Arrays.sort(took);
    return took[times / 2];
  }

  static double millis(Callable<?> task) throws Exception {
    long start = System.nanoTime();
    task.call();
    return (System.nanoTime() - start) / 1e6;
  }

  /**
   * As the program kept it before there were acts, so that opening it brings it up to date. One
   * prepared statement for each table, sent in batches.
   */
  static void fill(Path data) throws SQLException {
    var random = new Random(1);
    var kinds = StandardKinds.standard();
    long rows = 0;
    long entry = 0;
    try (var connection = OlderData.schema(data, 7)) {
      connection.setAutoCommit(false);
      try (var bench = connection.prepareStatement("insert into bench (name, walk) values (?, ?)");
          var plant =
              connection.prepareStatement(
                  "insert into plant (number, label, profile, bench_id, stand, added_on)"
                      + " values (?, ?, ?, ?, ?, ?)");
          var line =
              connection.prepareStatement(
                  "insert into entry (plant_id, kind, happened_on, recorded_on, note)"
                      + " values (?, ?, ?, ?, '')");
          var potting =
              connection.prepareStatement(
                  "insert into potting (entry_id, potted_on, moisture, in_flower)"
                      + " values (?, ?, 'DRIES_BETWEEN', false)");
          var part =
              connection.prepareStatement(
                  "insert into potting_part (entry_id, component, parts)"
                      + " values (?, 'BARK_MEDIUM', 1)");
          var look =
              connection.prepareStatement(
                  "insert into look (entry_id, item, answers) values (?, ?, ?)")) {
        for (int i = 1; i <= BENCHES; i++) {
          add(bench, "Bench " + i, i);
        }
        bench.executeBatch();
        for (int i = 1; i <= PLANTS; i++) {
          add(
              plant,
              "27-%05d".formatted(i),
              "Oncidium Number " + i,
              kinds.get(random.nextInt(kinds.size())).key(),
              1L + random.nextInt(BENCHES),
              i,
              TODAY.minusYears(YEARS));
          var potted = TODAY.minusDays(30L + random.nextInt(DAYS_IN_A_POT));
          for (int earlier = POTTINGS - 1; earlier >= 0; earlier--) {
            var day = potted.minusDays((long) earlier * DAYS_IN_A_POT);
            entry++;
            add(line, i, "POTTING", day, day);
            add(potting, entry, day.toString());
            add(part, entry);
            rows += 3;
          }
          for (int seen = INSPECTIONS; seen > 0; seen--) {
            entry++;
            add(line, i, "INSPECTION", TODAY.minusDays(seen * DAYS_FROM_LOOK_TO_LOOK), TODAY);
            for (var item : LOOKED_AT) {
              var answer = item.answers().get(random.nextInt(item.answers().size()));
              add(look, entry, item.key(), answer.name());
            }
            rows += 1 + LOOKED_AT.size();
          }
          if (i % PLANTS_A_BATCH == 0) {
            for (var statement : List.of(plant, line, potting, part, look)) {
              statement.executeBatch();
            }
            connection.commit();
          }
        }
      }
    }
    filled = rows;
  }

  private static void add(PreparedStatement statement, Object... values) throws SQLException {
    for (int i = 0; i < values.length; i++) {
      statement.setObject(i + 1, values[i]);
    }
    statement.addBatch();
  }
}
