package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What the judgements ask for is laid on the days that the collector has. */
class BenchDaysKeptTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final String DAYS =
      "{\"days\":[{\"on\":\"2027-05-16\",\"minutes\":120},{\"on\":\"2027-05-22\",\"minutes\":210}],\"pins\":[%s]}";

  private static Map<String, String> where(JsonNode page) {
    var where = new HashMap<String, String>();
    for (var day : page.path("days")) {
      day.path("jobs")
          .forEach(job -> where.put(job.path("name").asString(), day.path("on").asString()));
    }
    return where;
  }

  private static long plant(String name) throws Exception {
    for (var plant : APP.get("/api/plants").body()) {
      if (plant.path("name").asString().equals(name)) {
        return plant.path("id").asLong();
      }
    }
    throw new AssertionError(name);
  }

  private static JsonNode keep(String body) throws Exception {
    var kept = APP.put("/api/bench-days", body);
    assertThat(kept.status()).as(kept.body().toString()).isEqualTo(200);
    return kept.body();
  }

  @Test
  void everyPlantInHandHasADayOrIsToldWhyNot() throws Exception {
    var page = keep(DAYS.formatted(""));
    var told = new HashSet<>(where(page).keySet());
    page.path("left").forEach(left -> told.add(left.path("name").asString()));

    var inHand = new HashSet<String>();
    for (var plant : APP.get("/api/plants").body()) {
      if (plant.path("inHand").asBoolean()) {
        inHand.add(plant.path("name").asString());
      }
    }
    assertThat(inHand).isNotEmpty().isSubsetOf(told);
    assertThat(where(page)).containsEntry("Miltoniopsis Ferry Rain", "2027-05-16");
    for (var day : page.path("days")) {
      assertThat(day.path("taken").asInt()).isLessThanOrEqualTo(day.path("minutes").asInt());
      day.path("jobs")
          .forEach(job -> assertThat(job.path("why").get(0).path("text").asString()).isNotBlank());
    }
  }

  @Test
  void aChosenDayHoldsUntilItIsGivenBack() throws Exception {
    var before = keep(DAYS.formatted(""));
    var name = "Cattleya Copper Bell";
    long plant = plant(name);
    var pinned = keep(DAYS.formatted("{\"plant\":%d,\"on\":\"2027-05-22\"}".formatted(plant)));
    assertThat(where(pinned)).containsEntry(name, "2027-05-22");
    assertThat(where(APP.get("/api/bench-days").body())).isEqualTo(where(pinned));
    assertThat(where(before)).containsEntry(name, "2027-05-16");

    var given = keep(DAYS.formatted(""));
    assertThat(given.findValues("pinned")).noneMatch(JsonNode::asBoolean);
    assertThat(where(given).keySet()).isEqualTo(where(before).keySet());
  }

  @Test
  void whatWasDoneTodayIsTakenOffTheRoomOfTheDayAndNotOffTheDay() throws Exception {
    var bench = new AtTheBench(APP);
    var today = DAYS.formatted("").replace("2027-05-16", "2027-05-15");
    assertThat(keep(today).path("days").path(0).path("done").asInt()).isZero();
    var job = bench.begin("Encyclia Cordwain");
    job = bench.save(job, AtTheBench.with(job, "chosen", "\"FULL_REPOT\""));
    job = bench.save(job, AtTheBench.with(job, "minutes", "100"));
    var done = bench.finish(job).body().path("act").asString();

    var day = APP.get("/api/bench-days").body().path("days").path(0);
    assertThat(day.path("done").asInt()).isEqualTo(100);
    assertThat(day.path("minutes").asInt()).isEqualTo(120);
    assertThat(keep(today).path("days").path(0)).as("sent back as it is").isEqualTo(day);
    assertThat(APP.get("/api/bench-days").body().path("days").path(1).path("done").asInt())
        .isZero();
    APP.post("/api/acts/%s/withdrawal".formatted(done), "{}");
    assertThat(keep(DAYS.formatted("")).path("days").path(0).path("done").asInt()).isZero();
  }

  @Test
  void whatIsToBeMadeReadyFollowsFromTheJobsOfTheDay() throws Exception {
    var page = keep(DAYS.formatted(""));
    var day = page.path("days").get(1);
    var ready = APP.get("/api/bench-days/2027-05-22/preparation").body();
    assertThat(ready.path("plants").findValuesAsString("name"))
        .containsExactlyElementsOf(day.path("jobs").findValuesAsString("name"))
        .isNotEmpty();
    assertThat(ready.path("blades").asInt()).isEqualTo(day.path("jobs").size());
    assertThat(ready.path("needs").path("atHand").toString())
        .contains("a sterile blade", "4 new tags", "a camera");
    assertThat(ready.path("needs").path("mixes")).isNotEmpty();
    assertThat(ready.path("plants"))
        .extracting(plant -> plant.path("before").toString())
        .anySatisfy(before -> assertThat(before).contains("2027-05-15", "bark falls away"));
    assertThat(APP.get("/api/bench-days/2027-05-23/preparation").status()).isEqualTo(404);
  }

  private static int tick(String day, String entry) throws Exception {
    return APP.put("/api/bench-days/%s/preparation/ready".formatted(day), entry).status();
  }

  private static List<String> ready() throws Exception {
    return APP.get("/api/bench-days/2027-05-22/preparation")
        .body()
        .path("ready")
        .valueStream()
        .map(JsonNode::asString)
        .toList();
  }

  @Test
  void whatIsTickedOffOnOneDeviceIsTickedOnTheOthersUntilItIsTakenBack() throws Exception {
    keep(DAYS.formatted(""));
    assertThat(tick("2027-05-22", "{\"thing\":\"gloves\",\"ready\":true}")).isEqualTo(204);
    assertThat(tick("2027-05-22", "{\"thing\":\"gloves\",\"ready\":true}")).isEqualTo(204);
    assertThat(tick("2027-05-22", "{\"thing\":\"tag 3\",\"ready\":true}")).isEqualTo(204);
    assertThat(ready()).containsExactly("gloves", "tag 3");
    assertThat(APP.get("/api/bench-days/2027-05-16/preparation").body().path("ready")).isEmpty();

    tick("2027-05-22", "{\"thing\":\"gloves\",\"ready\":false}");
    assertThat(ready()).containsExactly("tag 3");
    tick("2027-05-22", "{\"thing\":\"tag 3\",\"ready\":false}");
  }

  @Test
  void aTickForNoDayOrForNothingIsRefused() throws Exception {
    keep(DAYS.formatted(""));
    assertThat(tick("2027-05-23", "{\"thing\":\"gloves\",\"ready\":true}")).isEqualTo(404);
    var path = "/api/bench-days/2027-05-22/preparation/ready";
    assertThat(APP.put(path, "{\"thing\":\" \",\"ready\":true}").fault("thing")).isPresent();
    assertThat(APP.put(path, "{\"thing\":\"gloves\"}").fault("ready")).isPresent();
    assertThat(ready()).isEmpty();
  }

  @Test
  void whoChangesWhatAnotherWindowChangedMeanwhileIsTold() throws Exception {
    var page = keep(DAYS.formatted(""));
    var other = keep(DAYS.formatted("").replace("210", "200"));
    var late =
        APP.put(
            "/api/bench-days",
            DAYS.formatted("")
                .replace(
                    "\"pins\":[]", "\"pins\":[],\"version\":%s".formatted(page.path("version"))));
    assertThat(late.status()).isEqualTo(409);
    assertThat(APP.get("/api/bench-days").body()).isEqualTo(other);
  }

  @Test
  void daysThatCannotBeAreRefusedByNameAndNothingIsKept() throws Exception {
    var before = keep(DAYS.formatted(""));
    assertThat(
            APP.put(
                    "/api/bench-days",
                    "{\"days\":[{\"on\":\"2027-05-16\",\"minutes\":0}],\"pins\":[]}")
                .fault("minutes"))
        .hasValueSatisfying(said -> assertThat(said).contains("1 to 1440"));
    assertThat(
            APP.put(
                    "/api/bench-days",
                    "{\"days\":[{\"on\":\"2027-05-16\",\"minutes\":9},{\"on\":\"2027-05-16\",\"minutes\":8}],\"pins\":[]}")
                .fault("days[1].on"))
        .hasValueSatisfying(said -> assertThat(said).contains("twice"));
    assertThat(
            APP.put(
                    "/api/bench-days",
                    "{\"days\":[],\"pins\":[{\"plant\":1,\"on\":\"2027-05-16\"}]}")
                .fault("pins"))
        .hasValueSatisfying(said -> assertThat(said).contains("no bench day"));
    assertThat(APP.get("/api/bench-days").body()).isEqualTo(before);
  }

  @Test
  void jobsThatAreSentAlongAreLaidOnDaysAndNothingIsKept() throws Exception {
    var before = APP.get("/api/bench-days").body();
    var laid =
        APP.post(
                "/api/bench-days/plan",
                """
                {"today":"2027-05-15","days":[{"on":"2027-05-22","minutes":60}],
                 "jobs":[{"name":"Skylark","early":"2027-05-16","best":"2027-05-22",
                          "late":"2027-05-30","minutes":45,"hazard":false,"need":60},
                         {"name":"Weir","early":"2027-05-16","best":"2027-05-22",
                          "late":"2027-05-30","minutes":45,"hazard":false,"need":50}]}
                """)
            .body();
    assertThat(laid.path("days").get(0).path("jobs").get(0).path("name").asString())
        .isEqualTo("Skylark");
    assertThat(laid.path("left").get(0).path("name").asString()).isEqualTo("Weir");
    assertThat(laid.path("left").get(0).path("binding").asString()).isEqualTo("ROOM");
    assertThat(APP.get("/api/bench-days").body()).isEqualTo(before);
  }

  @Test
  void daysThatAreSentAlongAreNamedOnceAndChosenFromThem() throws Exception {
    var asked =
        """
        {"today":"2027-05-15","days":[{"on":"2027-05-22","minutes":60}%s],
         "jobs":[{"name":"Skylark","early":"2027-05-16","best":"2027-05-22","late":"2027-05-30",
                  "minutes":45,"hazard":false,"need":60,"pinned":"%s"}]}
        """;
    assertThat(
            APP.post("/api/bench-days/plan", asked.formatted("", "2027-05-23"))
                .fault("jobs[0].pinned"))
        .hasValueSatisfying(said -> assertThat(said).contains("2027-05-23 is no bench day"));
    assertThat(
            APP.post(
                    "/api/bench-days/plan",
                    asked.formatted(",{\"on\":\"2027-05-22\",\"minutes\":9}", "2027-05-22"))
                .fault("days[1].on"))
        .hasValueSatisfying(said -> assertThat(said).contains("twice"));
    assertThat(APP.post("/api/bench-days/plan", asked.formatted("", "2027-05-22")).status())
        .isEqualTo(200);
  }

  /** What lies on a day stays there all day; on the day after it says that it was not done. */
  @Test
  void whatIsNotDoneOnItsDayIsLaidAnewAndSaysSo() throws Exception {
    try (var app = RunningApplication.withDemo()) {
      app.start();
      var lay = where(app.put("/api/bench-days", DAYS.formatted("")).body());
      var onTheDay =
          lay.keySet().stream().filter(name -> lay.get(name).equals("2027-05-16")).toList();
      assertThat(onTheDay).hasSizeGreaterThan(2);

      app.restartOn(LocalDate.of(2027, 5, 16));
      assertThat(where(app.get("/api/bench-days").body())).isEqualTo(lay);

      app.restartOn(LocalDate.of(2027, 5, 17));
      var page = app.get("/api/bench-days").body();
      assertThat(where(page)).containsKeys(onTheDay.get(0)).doesNotContainValue("2027-05-16");
      var again = app.get("/api/bench-days").body();
      assertThat(again).as("asked once more on the same day").isEqualTo(page);
      int said = 0;
      for (var job : page.path("days").get(0).path("jobs")) {
        if (onTheDay.contains(job.path("name").asString())) {
          assertThat(RunningApplication.plain(job.path("asked")))
              .startsWith("Asked for since ")
              .endsWith("It lay on 2027-05-16 and was not done.");
          said++;
        }
      }
      assertThat(said).isPositive();
    }
  }
}
