package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Courses against pests and rot, from the first treatment to the last clean look. */
class TreatmentsKeptTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static long id(String name) throws Exception {
    for (var plant : APP.get("/api/plants").body()) {
      if (plant.path("name").asString().equals(name)) {
        return plant.path("id").asLong();
      }
    }
    throw new AssertionError(name);
  }

  private static String course(String product, List<Long> plants, List<Long> neighbours) {
    return """
        {"product":"%s","against":"PESTS","everyDays":7,"times":3,"plants":%s,"neighbours":%s,
         "apart":true}"""
        .formatted(product, plants, neighbours);
  }

  private static JsonNode running(String product) throws Exception {
    for (var course : APP.get("/api/treatments").body()) {
      if (course.path("product").asString().equals(product)) {
        return course;
      }
    }
    throw new AssertionError("no course with " + product);
  }

  private static String path(JsonNode course, String what) {
    return "/api/treatments/%s/%s".formatted(course.path("uid").asString(), what);
  }

  private static String plants(Long... ids) {
    return "{\"plants\":%s}".formatted(List.of(ids));
  }

  private static List<String> checks(long plant) throws Exception {
    return APP.get("/api/plants/" + plant)
        .body()
        .path("checks")
        .valueStream()
        .map(check -> check.path("purpose").asString())
        .toList();
  }

  private static String page(long plant) throws Exception {
    return APP.get("/api/plants/" + plant).body().toString();
  }

  @Test
  void neighboursAreThoseOfTheSamePlaceToEitherSide() throws Exception {
    var row = new ArrayList<JsonNode>();
    APP.get("/api/plants").body().forEach(row::add);
    var place =
        row.stream()
            .collect(Collectors.groupingBy(plant -> plant.path("placeId").asLong()))
            .values()
            .stream()
            .filter(all -> all.size() > 6)
            .findFirst()
            .orElseThrow();
    place.sort((a, b) -> Double.compare(a.path("stand").asDouble(), b.path("stand").asDouble()));
    var near =
        APP.get("/api/treatments/neighbours?plants=" + place.get(3).path("id").asLong())
            .body()
            .valueStream()
            .map(plant -> plant.path("plantId").asLong())
            .toList();
    assertThat(near)
        .containsExactly(
            place.get(1).path("id").asLong(),
            place.get(2).path("id").asLong(),
            place.get(4).path("id").asLong(),
            place.get(5).path("id").asLong());
  }

  @Test
  void aCourseBringsChecksIsGoneOnWithAndEnded() throws Exception {
    long plant = id("Brassia Lock Keeper");
    long beside = id("Encyclia Cordwain");
    var before = page(plant);
    var begun = APP.post("/api/treatments", course("Soap spray", List.of(plant), List.of(beside)));
    assertThat(begun.status()).as(begun.body().toString()).isEqualTo(201);
    assertThat(checks(plant)).contains("TREAT", "TREATED").doesNotContain("APART");
    assertThat(checks(beside)).contains("BESIDE");

    var course = running("Soap spray");
    assertThat(APP.post(path(course, "treated"), plants(plant)).status()).isEqualTo(201);
    assertThat(APP.post(path(course, "treated"), plants(plant)).fault("plants[0]").orElseThrow())
        .contains("treated today already");
    assertThat(running("Soap spray").path("plants").get(0).path("left").asInt()).isEqualTo(2);
    assertThat(APP.post(path(course, "clean"), plants(plant, beside)).status()).isEqualTo(201);
    assertThat(running("Soap spray").path("neighbours").get(0).path("cleanInARow").asInt())
        .isEqualTo(1);
    assertThat(APP.post(path(course, "plants"), plants(beside)).status()).isEqualTo(201);
    assertThat(running("Soap spray").path("plants")).hasSize(2);
    assertThat(running("Soap spray").path("neighbours")).isEmpty();
    assertThat(APP.post(path(course, "end"), plants(plant, beside)).status()).isEqualTo(201);
    assertThat(checks(plant)).doesNotContain("TREAT", "TREATED");
    assertThat(APP.post(path(course, "end"), plants(plant)).fault("plants[0]").orElseThrow())
        .contains("not in this course any more");

    undo(plant);
    undo(beside);
    undo(beside);
    undo(plant);
    undo(plant);
    assertThat(withoutJournal(page(plant))).isEqualTo(withoutJournal(before));
  }

  /** What is found again begins the looks beside it again; the end frees who was kept apart. */
  @Test
  void whatIsFoundAgainBeginsTheNeighboursAgainAndTheEndFrees() throws Exception {
    long plant = id("Brassia Lock Keeper");
    long beside = id("Encyclia Cordwain");
    var before = page(beside);
    assertThat(
            APP.post("/api/treatments", course("Soap again", List.of(plant), List.of(beside)))
                .status())
        .isEqualTo(201);
    var course = running("Soap again");
    assertThat(APP.post(path(course, "clean"), plants(beside)).status()).isEqualTo(201);
    assertThat(running("Soap again").path("plants").get(0).path("apart").asBoolean()).isTrue();
    var first = APP.today();
    APP.goOnTo(first.plusDays(8));
    assertThat(APP.post(path(course, "clean"), plants(beside)).status()).isEqualTo(201);
    assertThat(neighbour("Soap again").path("cleanInARow").asInt()).isEqualTo(2);
    APP.goOnTo(first.plusDays(9));
    assertThat(
            APP.post(
                    "/api/plants/%d/inspections".formatted(plant),
                    "{\"on\":\"%s\",\"looks\":{\"pests\":{\"answers\":[\"MEALYBUG\"]}}}"
                        .formatted(APP.today()))
                .status())
        .isEqualTo(201);
    assertThat(neighbour("Soap again").path("cleanInARow").asInt()).isZero();
    assertThat(neighbour("Soap again").path("nextLook").asString())
        .isEqualTo(APP.today().toString());
    undo(plant);
    assertThat(neighbour("Soap again").path("cleanInARow").asInt()).isEqualTo(2);

    assertThat(APP.post(path(course, "end"), plants(plant, beside)).status()).isEqualTo(201);
    assertThat(checks(plant)).doesNotContain("APART", "TREATED");
    undo(plant);
    assertThat(running("Soap again").path("plants").get(0).path("apart").asBoolean()).isTrue();
    undo(beside);
    undo(beside);
    undo(plant);
    APP.goOnTo(first);
    assertThat(withoutJournal(page(beside))).isEqualTo(withoutJournal(before));
  }

  private static JsonNode neighbour(String product) throws Exception {
    return running(product).path("neighbours").get(0);
  }

  /** Takes the newest act of a journal back that still holds. */
  private static void undo(long plant) throws Exception {
    for (var line : APP.get("/api/plants/" + plant).body().path("journal")) {
      if (line.path("canTakeBack").asBoolean()) {
        var act = line.path("act").asString();
        assertThat(APP.post("/api/acts/%s/withdrawal".formatted(act), "{}").status())
            .isLessThan(300);
        return;
      }
    }
    throw new AssertionError("nothing to take back");
  }

  private static String withoutJournal(String page) {
    return page.substring(0, page.indexOf("\"journal\""));
  }

  @Test
  void oneTapSaysThatItWasTreatedOrFoundAgain() throws Exception {
    long plant = id("Cattleya Weir Song");
    APP.post(
        "/api/plants/%d/inspections".formatted(plant),
        "{\"on\":\"%s\",\"looks\":{\"pests\":{\"answers\":[\"SCALE\"]}}}"
            .formatted(RunningApplication.TODAY));
    APP.post("/api/treatments", course("Oil from the shed", List.of(plant), List.of()));
    for (var check : APP.get("/api/plants/" + plant).body().path("checks")) {
      var purpose = check.path("purpose").asString();
      if (purpose.equals("TREAT") || purpose.equals("TREATED")) {
        var answered =
            APP.post(
                "/api/plants/%d/checks/%s/answer".formatted(plant, check.path("id").asString()),
                "{\"answer\":\"%s\"}"
                    .formatted(purpose.equals("TREAT") ? "AS_HOPED" : "NOT_AS_HOPED"));
        assertThat(answered.status()).as(answered.body().toString()).isEqualTo(201);
      }
    }
    var on = running("Oil from the shed").path("plants").get(0);
    assertThat(on.path("done").asInt()).isEqualTo(1);
    assertThat(page(plant)).contains("Oil from the shed");
  }

  @Test
  void whatIsMissingIsNamedAndNothingIsBegun() throws Exception {
    long plant = id("Catasetum Old Winch");
    assertThat(
            APP.post("/api/treatments", course(" ", List.of(plant), List.of()))
                .fault("product")
                .orElseThrow())
        .contains("what is used");
    assertThat(
            APP.post("/api/treatments", course("Soap", List.of(), List.of()))
                .fault("plants")
                .orElseThrow())
        .contains("at least one plant");
    assertThat(
            APP.post("/api/treatments", course("Soap", List.of(plant), List.of(plant)))
                .fault("neighbours[0]")
                .orElseThrow())
        .contains("treated itself");
    assertThat(checks(plant)).doesNotContain("TREAT");
    APP.post("/api/treatments", course("First", List.of(plant), List.of()));
    assertThat(
            APP.post("/api/treatments", course("Second", List.of(plant), List.of()))
                .fault("plants[0]")
                .orElseThrow())
        .contains("under treatment already, with First");
  }
}
