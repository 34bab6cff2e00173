package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The demo lived through 56 weeks, doing what it asks for, once all of it and once missing every
 * third thing: nothing that was promised slides, vanishes or piles up. Run by {@code ./almanac
 * bench year}.
 */
@Execution(ExecutionMode.CONCURRENT)
class YearBench {
  private static final int WEEKS = 56;
  private static final int A_WEEK = 7;
  private static final double WEEKS_A_YEAR = 52.2;
  private static final int BENCH_DAYS = 4;
  private static final int AT_LEAST = 2;
  private static final int NEVER = 0;

  private final List<String> broken = new ArrayList<>();
  private final Map<Long, Promise> promised = new HashMap<>();
  private final Map<Long, Integer> looksOf = new HashMap<>();
  private final Map<LocalDate, Integer> looksOn = new TreeMap<>();
  private final Map<String, Integer> lates = new TreeMap<>();
  private int missEvery;
  private int asked;
  private int jobs;
  private int minutes;
  private int sinceHeld;
  private int lateSaid;

  /** What a plant's line promised, and the last look that it rested on. */
  private record Promise(String verdict, String since, String by, String lastSeen) {
    static Promise of(JsonNode line) {
      return new Promise(
          line.path("verdict").asString(),
          line.path("since").asString(""),
          line.path("when").path("kind").asString().equals("NOW")
              ? ""
              : line.path("when").path("to").asString(""),
          line.path("lastSeen").asString(""));
    }
  }

  @ParameterizedTest(name = "missing every {0}th thing, 0 none")
  @ValueSource(ints = {NEVER, 3})
  void aYear(int missing) throws Exception {
    missEvery = missing;
    try (var app = RunningApplication.withDemo()) {
      app.start();
      var first = RunningApplication.TODAY;
      var last = first.plusWeeks(WEEKS);
      for (var day = first; day.isBefore(last); day = next(app, day)) {
        app.goOnTo(day);
        nameBenchDays(app, day);
        read(app, day);
        work(app, day);
        walk(app, day);
      }
      say(app);
    }
    assertThat(broken.stream().limit(40)).as("%d promises broken", broken.size()).isEmpty();
    assertThat(sinceHeld).isGreaterThan(50);
  }

  /** Every other Saturday two hours, named two months ahead. */
  private static void nameBenchDays(RunningApplication app, LocalDate day) throws Exception {
    if (app.get("/api/bench-days").body().path("days").size() > AT_LEAST) {
      return;
    }
    var saturday = day.with(TemporalAdjusters.nextOrSame(DayOfWeek.SATURDAY));
    var days =
        IntStream.range(0, BENCH_DAYS)
            .mapToObj(i -> saturday.plusWeeks(2L * i))
            .map("{\"on\":\"%s\",\"minutes\":120}"::formatted)
            .collect(Collectors.joining(","));
    var answer = app.put("/api/bench-days", "{\"days\":[%s],\"pins\":[]}".formatted(days));
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
  }

  /** The next day on which something is to be done; at the latest a week on. */
  private static LocalDate next(RunningApplication app, LocalDate day) throws Exception {
    var next = day.plusDays(A_WEEK);
    for (var round : app.get("/api/rounds").body().path("rounds")) {
      next = sooner(next, LocalDate.parse(round.path("day").asString()), day);
    }
    for (var bench : app.get("/api/bench-days").body().path("days")) {
      if (!bench.path("jobs").isEmpty()) {
        next = sooner(next, LocalDate.parse(bench.path("on").asString()), day);
      }
    }
    return next;
  }

  private static LocalDate sooner(LocalDate one, LocalDate other, LocalDate after) {
    return other.isAfter(after) && other.isBefore(one) ? other : one;
  }

  private boolean missed() {
    asked++;
    return missEvery != NEVER && asked % missEvery == 0;
  }

  /** What was promised holds, nobody is forgotten, and what is late says so. */
  private void read(RunningApplication app, LocalDate day) throws Exception {
    var bench = app.get("/api/bench-days").body();
    var said = new HashMap<Long, String>();
    for (var planned : bench.path("days")) {
      planned.path("jobs").forEach(job -> said.put(id(job), words(job)));
    }
    bench.path("left").forEach(job -> said.put(id(job), words(job)));
    var inHand = 0;
    for (var line : app.get("/api/plants").body()) {
      long plant = line.path("id").asLong();
      var name = line.path("name").asString();
      if (line.path("nextCheck").isNull() && !said.containsKey(plant)) {
        broken.add("%s: %s is on no list".formatted(day, name));
      }
      if (!line.path("inHand").asBoolean()) {
        promised.remove(plant);
        continue;
      }
      inHand++;
      var promise = Promise.of(line);
      var before = promised.put(plant, promise);
      if (!said.containsKey(plant)) {
        broken.add("%s: %s is asked for and on no plan".formatted(day, name));
      }
      boolean sameLooks =
          before != null
              && before.lastSeen().equals(promise.lastSeen())
              && before.verdict().equals(promise.verdict());
      if (sameLooks) {
        sinceHeld++;
        if (!before.equals(promise)) {
          broken.add("%s: %s slid, %s to %s".formatted(day, name, before, promise));
        }
      }
      boolean late = !promise.by().isEmpty() && promise.by().compareTo(day.toString()) < 0;
      if (late) {
        lateSaid++;
        lates.merge("%s, by %s".formatted(name, promise.by()), 1, Integer::sum);
        if (!said.getOrDefault(plant, "").contains("late")) {
          broken.add("%s: %s is late and does not say so".formatted(day, name));
        }
      }
    }
    var headline = app.get("/api/today/headline").body().path("words").asString();
    if (inHand > 0 && headline.startsWith("Nothing")) {
      broken.add("%s: %d are asked for, but “%s”".formatted(day, inHand, headline));
    }
  }

  private static long id(JsonNode job) {
    return job.path("plantId").asLong();
  }

  private static String words(JsonNode job) {
    return job.path("asked").isNull() ? "" : RunningApplication.plain(job.path("asked"));
  }

  /** The jobs of the day, and what cannot wait for one. */
  private void work(RunningApplication app, LocalDate day) throws Exception {
    var page = app.get("/api/bench-days").body();
    var today = new ArrayList<JsonNode>();
    for (var planned : page.path("days")) {
      if (planned.path("on").asString().equals(day.toString())) {
        planned.path("jobs").forEach(today::add);
      }
    }
    for (var job : List.copyOf(today)) {
      if (!job.path("awaits").isNull()) {
        today.remove(job);
      }
    }
    for (var job : page.path("left")) {
      if (job.path("hazard").asBoolean()) {
        today.add(job);
      }
    }
    for (var job : today) {
      if (!missed()) {
        done(app, day, job);
      }
    }
  }

  private void done(RunningApplication app, LocalDate day, JsonNode job) throws Exception {
    jobs++;
    minutes += job.path("minutes").asInt();
    if (job.path("verdict").asString().equals("LET_GO")) {
      letGo(app, id(job));
      return;
    }
    if (job.path("verdict").asString().equals("LIFT_AND_LOOK")) {
      looked(app, day, id(job), "\"rootsInPot\":{\"answers\":[\"FIRM\"]}");
      return;
    }
    var body =
        "{\"on\":\"%s\",\"mix\":[{\"component\":\"BARK_MEDIUM\",\"parts\":1}]}".formatted(day);
    var answer = app.post("/api/plants/%d/repots".formatted(id(job)), body);
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(201);
  }

  private static void letGo(RunningApplication app, long plant) throws Exception {
    var entry = PlantCardTest.entry(app.get("/api/plants/" + plant).body());
    ((ObjectNode) entry.path("card")).put("status", "LOST").put("statusReason", "let go");
    var answer = app.put("/api/plants/" + plant, entry.toString());
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
  }

  /** The round of the day. */
  private void walk(RunningApplication app, LocalDate day) throws Exception {
    Set<Long> walked = new LinkedHashSet<>();
    for (var round : app.get("/api/rounds").body().path("rounds")) {
      if (round.path("day").asString().equals(day.toString())) {
        round.path("looks").forEach(look -> walked.add(id(look)));
      }
    }
    Set<Long> seen = new LinkedHashSet<>();
    for (var due : app.get("/api/checks").body()) {
      long plant = due.path("plantId").asLong();
      if (!walked.contains(plant)
          || due.path("check").path("early").asString().compareTo(day.toString()) > 0) {
        continue;
      }
      if (missed()) {
        continue;
      }
      seen.add(plant);
      if (due.path("check").path("byLooking").asBoolean()) {
        looked(app, day, plant, asItGrows(day));
      } else if (!due.path("check").path("ticks").isEmpty()) {
        var answer =
            app.post(
                "/api/plants/%d/checks/%s/answer"
                    .formatted(plant, due.path("check").path("id").asString()),
                "{\"answer\":\"AS_HOPED\"}");
        assertThat(answer.status()).as("%s", answer.body()).isBetween(200, 409);
      }
    }
    seen.forEach(plant -> looksOf.merge(plant, 1, Integer::sum));
    looksOn.merge(day, seen.size(), Integer::sum);
  }

  private static void looked(RunningApplication app, LocalDate day, long plant, String looks)
      throws Exception {
    var answer =
        app.post(
            "/api/plants/%d/inspections".formatted(plant),
            "{\"on\":\"%s\",\"looks\":{%s}}".formatted(day, looks));
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(201);
  }

  /** What a plant shows that grows with the year. */
  private static String asItGrows(LocalDate day) {
    var growth =
        switch (day.getMonth()) {
          case MARCH, APRIL -> "STARTING";
          case MAY, JUNE, JULY -> "HALF_GROWN";
          case AUGUST, SEPTEMBER -> "NEARLY_MATURE";
          default -> "MATURE";
        };
    var roots =
        switch (day.getMonth()) {
          case APRIL -> "NUB";
          case MAY -> "SHORT";
          case JUNE -> "MID";
          case JULY -> "LONG";
          case AUGUST, SEPTEMBER -> "ANCHORED";
          default -> "NONE";
        };
    boolean winter = day.getMonth().compareTo(Month.MARCH) < 0;
    return """
        "growth":{"answers":["%s"]},"newRoots":{"answers":["%s"]},"leaves":{"answers":["FIRM"]},
        "stability":{"answers":["FIRM"]},"pests":{"answers":["NONE"]},"bloom":{"answers":["%s"]}
        """
        .formatted(growth, roots, winter ? "SPIKE" : "NONE");
  }

  private void say(RunningApplication app) throws Exception {
    int plants = app.get("/api/plants").body().size();
    var counts = new ArrayList<>(looksOf.values());
    while (counts.size() < plants) {
      counts.add(0);
    }
    counts.sort(Integer::compareTo);
    int all = looksOn.values().stream().mapToInt(Integer::intValue).sum();
    long crowded = looksOn.values().stream().filter(looks -> looks > 15).count();
    long days = looksOn.values().stream().filter(looks -> looks > 0).count();
    System.out.printf(
        "%d plants, %d weeks, missing %s: %d looks on %d days, a median of %.1f a plant and year, %d days with"
            + " over 15; %d jobs, %d hours; %d times a promise was read again, %d times late: %s%n",
        plants,
        WEEKS,
        missEvery == NEVER ? "nothing" : "every third thing",
        all,
        days,
        counts.get(counts.size() / 2) * WEEKS_A_YEAR / WEEKS,
        crowded,
        jobs,
        minutes / 60,
        sinceHeld,
        lateSaid,
        lates);
    long span = ChronoUnit.DAYS.between(RunningApplication.TODAY, app.today());
    assertThat(span).isGreaterThan(WEEKS * A_WEEK - 2 * A_WEEK);
  }
}
