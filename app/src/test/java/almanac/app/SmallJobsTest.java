package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What slips name and the collector wants is ticked off, and stays done until it is seen again. */
class SmallJobsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static List<JsonNode> open() throws Exception {
    var all = new ArrayList<JsonNode>();
    APP.get("/api/small-jobs").body().forEach(all::add);
    return all;
  }

  private static JsonNode page(JsonNode job) throws Exception {
    return APP.get("/api/plants/" + job.path("plantId").asLong()).body();
  }

  private static String ticked(List<JsonNode> jobs) {
    var entries = new ArrayList<String>();
    for (var job : jobs) {
      entries.add(
          "{\"plant\":%d,\"fix\":%s,\"task\":%s}"
              .formatted(job.path("plantId").asLong(), job.path("fix"), job.path("task")));
    }
    return "{\"done\":[%s]}".formatted(String.join(",", entries));
  }

  @Test
  void everyCareFixOfEverySlipIsOnTheListWithWhatToCarry() throws Exception {
    var listed = open().stream().filter(job -> !job.path("fix").isNull()).toList();
    assertThat(listed).isNotEmpty();
    for (var job : listed) {
      var slip = page(job).path("slip");
      assertThat(slip.path("care").toString() + slip.path("remarks"))
          .contains(job.path("words").get(0).path("text").asString().substring(0, 8));
    }
    assertThat(listed).anySatisfy(job -> assertThat(job.path("carry")).isNotEmpty());
  }

  @Test
  void thoseOfOnePlantAreThoseOfItOnTheList() throws Exception {
    var all = open();
    var plant = all.get(0).path("plantId").asLong();
    var its = APP.get("/api/small-jobs?plant=" + plant).body().valueStream().toList();
    assertThat(its)
        .isNotEmpty()
        .isEqualTo(all.stream().filter(job -> job.path("plantId").asLong() == plant).toList());
    assertThat(APP.get("/api/small-jobs?plant=999999").status()).isEqualTo(404);
    assertThat(APP.get("/api/small-jobs?plant=oak").status()).isEqualTo(400);
  }

  @Test
  void aJobThatIsTickedTwiceIsDoneOnce() throws Exception {
    var job = open().get(0);
    var twice = APP.post("/api/small-jobs/done", ticked(List.of(job, job)));
    assertThat(twice.status()).as(twice.body().toString()).isEqualTo(201);
    var act = twice.body().path("act").asString();
    assertThat(page(job).path("journal").findValuesAsString("act"))
        .filteredOn(act::equals)
        .hasSize(1);
    assertThat(APP.post("/api/acts/" + act + "/withdrawal", "").status()).isEqualTo(201);
  }

  @Test
  void manyAreTickedOffByOneActAndTheUndoGivesAllOfThemBack() throws Exception {
    var before = open();
    var chosen = before.subList(0, 3);
    var pages = new ArrayList<JsonNode>();
    for (var job : chosen) {
      pages.add(page(job));
    }
    var saved = APP.post("/api/small-jobs/done", ticked(chosen));
    assertThat(saved.status()).as(saved.body().toString()).isEqualTo(201);
    assertThat(open()).hasSize(before.size() - 3).doesNotContainAnyElementsOf(chosen);
    assertThat(page(chosen.get(0)).path("journal").toString())
        .contains(saved.body().path("act").asString());

    var undone = APP.post("/api/acts/" + saved.body().path("act").asString() + "/withdrawal", "");
    assertThat(undone.status()).isLessThan(300);
    assertThat(open()).isEqualTo(before);
    for (int i = 0; i < pages.size(); i++) {
      assertThat(page(chosen.get(i)).path("slip")).isEqualTo(pages.get(i).path("slip"));
    }
  }

  @Test
  void whatWasDoneAlreadyIsRefusedByNameAndNothingIsWritten() throws Exception {
    var before = open();
    var twice = ticked(List.of(before.get(0))).replace("\"fix\":", "\"fix\":\"TAG\",\"was\":");
    assertThat(
            APP.post(
                    "/api/small-jobs/done",
                    twice.replace(",\"was\":" + before.get(0).path("fix"), ""))
                .fault("done[0]"))
        .hasValueSatisfying(said -> assertThat(said).contains("no such job"));
    assertThat(APP.post("/api/small-jobs", "{\"task\":\" \",\"plants\":[1]}").fault("task"))
        .isPresent();
    assertThat(APP.post("/api/small-jobs", "{\"task\":\"x\",\"plants\":[]}").fault("plants"))
        .isPresent();
    assertThat(open()).isEqualTo(before);
  }

  @Test
  void anOwnJobIsGivenToChosenPlantsAndDone() throws Exception {
    var given = APP.post("/api/small-jobs", "{\"task\":\"Turn it to the light\",\"plants\":[3,5]}");
    assertThat(given.status()).isEqualTo(201);
    var own =
        open().stream()
            .filter(job -> job.path("task").asString("").equals("Turn it to the light"))
            .toList();
    assertThat(own)
        .extracting(job -> job.path("plantId").asLong())
        .containsExactlyInAnyOrder(3L, 5L);
    assertThat(APP.post("/api/small-jobs/done", ticked(own)).status()).isEqualTo(201);
    assertThat(open()).doesNotContainAnyElementsOf(own);
  }
}
