package almanac.app;

import static almanac.app.AtTheBench.address;
import static almanac.app.AtTheBench.tasks;
import static almanac.app.AtTheBench.with;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.record.collection.Keeping;
import almanac.app.record.journal.NewAct;
import almanac.app.start.RunningApplication;
import almanac.core.history.Fate;
import almanac.core.history.Happening;
import almanac.core.history.PlantStatus;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A job at the bench: kept step by step, one act in the end, and nothing if it is given up. */
class JobsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final AtTheBench BENCH = new AtTheBench(APP);

  private static long id(String name) throws Exception {
    return BENCH.id(name);
  }

  private static JsonNode begin(String name) throws Exception {
    return BENCH.begin(name);
  }

  private static JsonNode save(JsonNode job, ObjectNode told) throws Exception {
    return BENCH.save(job, told);
  }

  private static RunningApplication.Answer finish(JsonNode job) throws Exception {
    return BENCH.finish(job);
  }

  @Test
  void aFinishedJobIsOneActAndTakenBackItLeavesThePageAsItWas() throws Exception {
    var plant = "Phalaenopsis Nine Arches";
    var before = APP.get("/api/plants/" + id(plant)).body();
    var job = begin(plant);
    assertThat(job.path("verdict").asString()).isEqualTo("FULL_REPOT");
    assertThat(RunningApplication.plain(job.path("foretold"))).contains("new tips would break");
    job =
        save(
            job,
            with(job, "tally", "{\"counts\":{\"FIRM_KEPT\":5,\"TIP_BROKEN\":5},\"byEye\":false}"));
    assertThat(job.path("tally").path("loss").asString()).isEqualTo("HEAVY");
    assertThat(job.path("tally").path("liveLost").asDouble()).isEqualTo(0.5);
    job = save(job, with(job, "looks", "{\"rootsInPot\":{\"answers\":[\"MIXED\"]}}"));
    job = save(job, with(job, "mix", "[{\"component\":\"PUMICE\",\"parts\":1}]"));
    job = save(job, with(job, "minutes", "40"));
    var finished = finish(job);
    assertThat(finished.status()).isEqualTo(201);
    var page = finished.body().path("plant");
    assertThat(page.path("potting").path("mixWords").asString()).isEqualTo("pumice");
    var act = finished.body().path("act").asString();
    var lines =
        page.path("journal")
            .valueStream()
            .filter(line -> line.path("act").asString().equals(act))
            .map(RunningApplication::words)
            .toList();
    assertThat(lines)
        .anySatisfy(
            line ->
                assertThat(line)
                    .contains("roots: 5 firm, kept, 5 firm, tip broken")
                    .contains("40 minutes"))
        .anySatisfy(line -> assertThat(line).contains("Repotted into pumice"))
        .anySatisfy(line -> assertThat(line).contains("Roots in the pot: mixed"));
    assertThat(APP.get("/api/jobs").body().toString()).doesNotContain(job.path("uid").asString());
    assertThat(finish(job).status()).as("finished in two windows").isEqualTo(404);
    APP.post("/api/acts/%s/withdrawal".formatted(act), "{}");
    var after = APP.get("/api/plants/" + id(plant)).body();
    assertThat(whole(after)).isEqualTo(whole(before));
  }

  private static ObjectNode whole(JsonNode page) {
    var copy = ((ObjectNode) page).deepCopy();
    copy.remove("journal");
    return copy;
  }

  @Test
  void whatIsFoundChangesTheStepsThatFollow() throws Exception {
    var job = begin("Brassia Lock Keeper");
    assertThat(tasks(job)).contains("TALLY", "FILL").doesNotContain("APART", "LET_GO");
    job =
        save(
            job,
            with(
                job,
                "looks",
                "{\"pests\":{\"answers\":[\"ROOT_MEALYBUG\"]},\"pestPlace\":{\"answers\":[\"MEDIUM\"]}}"));
    assertThat(tasks(job)).contains("RINSE", "TREAT", "APART");
    var plant = "Brassia Lock Keeper";
    var done = finish(save(job, with(job, "done", "[\"APART\"]"))).body();
    assertThat(done.path("plant").path("card").path("apartSince").asString())
        .as("set apart, so kept apart from now on")
        .isEqualTo("2027-05-15");
    APP.post("/api/acts/%s/withdrawal".formatted(done.path("act").asString()), "{}");
    assertThat(APP.get("/api/plants/" + id(plant)).body().path("card").path("apartSince").isNull())
        .isTrue();
    job = begin(plant);
    job = save(job, with(job, "looks", "{\"rot\":{\"answers\":[\"WILT_THROUGH\"]}}"));
    assertThat(tasks(job)).contains("LET_GO").doesNotContain("FILL");
    assertThat(APP.delete("/api/jobs/" + job.path("uid").asString()).status()).isEqualTo(204);
  }

  @Test
  void itGoesOnWhereItWasAndGivenUpItLeavesNothing() throws Exception {
    var plant = "Encyclia Cordwain";
    var before = APP.get("/api/plants/" + id(plant)).body();
    var job = begin(plant);
    job = save(job, with(job, "done", "[\"TAG\",\"PHOTOGRAPH\"]"));
    job =
        save(job, with(job, "timers", "[{\"task\":\"SOAK\",\"rings\":\"2027-05-15T10:00:00Z\"}]"));
    var again = begin(plant);
    assertThat(again.path("uid")).isEqualTo(job.path("uid"));
    assertThat(again.path("told")).isEqualTo(job.path("told"));
    assertThat(again.path("steps").path(0).path("state").asString()).isEqualTo("DONE");
    assertThat(APP.get("/api/jobs").body().toString()).contains("2027-05-15T10:00:00Z");
    assertThat(APP.delete("/api/jobs/" + job.path("uid").asString()).status()).isEqualTo(204);
    assertThat(APP.get("/api/plants/" + id(plant)).body()).isEqualTo(before);
    assertThat(APP.get(address(job)).status()).isEqualTo(404);
  }

  @Test
  void whoHasNotSeenTheLastSaveIsToldSo() throws Exception {
    var first = begin("Phragmipedium Wet Stair");
    var second = save(first, with(first, "done", "[\"TAG\"]"));
    var stale = APP.put(address(first), ((ObjectNode) first.path("told")).deepCopy().toString());
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.body().path("detail").asString()).contains("another window");
    assertThat(finish(first).status()).isEqualTo(409);
    APP.delete("/api/jobs/" + second.path("uid").asString());
  }

  @Test
  void whatAPageTellsOnTopOfItsOwnWordsIsTakenThoughTheirAnswerNeverCame() throws Exception {
    var first = begin("Phragmipedium Wet Stair");
    var second = save(first, with(first, "by", "{\"page\":\"this\",\"turn\":4}"));
    var next = with(second, "done", "[\"TAG\"]");
    var older =
        next.deepCopy().set("by", RunningApplication.json("{\"page\":\"this\",\"turn\":3}"));
    assertThat(APP.put(address(first), older.toString()).status()).isEqualTo(409);
    var others =
        next.deepCopy().set("by", RunningApplication.json("{\"page\":\"that\",\"turn\":9}"));
    assertThat(APP.put(address(first), others.toString()).status()).isEqualTo(409);
    var third = save(first, next);
    assertThat(third.path("told").path("done").toString()).isEqualTo("[\"TAG\"]");
    assertThat(third.path("version").asInt()).isEqualTo(second.path("version").asInt() + 1);
    APP.delete("/api/jobs/" + third.path("uid").asString());
  }

  @Test
  void whatCannotBeIsRefusedAtItsFieldAndTheJobStaysAsItWas() throws Exception {
    var job = begin("Oncidium Slow Barge");
    assertThat(
            APP.put(
                    address(job),
                    with(job, "tally", "{\"counts\":{\"SOFT\":-2},\"byEye\":false}").toString())
                .fault("tally.counts.SOFT"))
        .isPresent();
    assertThat(
            APP.put(address(job), with(job, "looks", "{\"nothing\":{\"answers\":[]}}").toString())
                .fault("looks.nothing"))
        .isPresent();
    assertThat(APP.put(address(job), with(job, "minutes", "0").toString()).fault("minutes"))
        .isPresent();
    assertThat(
            APP.put(
                    address(job),
                    with(
                            job,
                            "pot",
                            "{\"type\":\"CLEAR\",\"diameterMm\":3,\"depthMm\":null,\"topLayer\":\"\"}")
                        .toString())
                .fault("pot.diameterMm"))
        .isPresent();
    assertThat(APP.get(address(job)).body()).isEqualTo(job);
    APP.delete("/api/jobs/" + job.path("uid").asString());
  }

  @Test
  void aTallyByItselfIsClassedWithoutBeingKept() throws Exception {
    var tally =
        APP.post(
                "/api/tallies",
                "{\"tally\":{\"counts\":{\"FIRM_KEPT\":1,\"SOFT\":9},\"byEye\":false},\"inFlower\":true}")
            .body();
    assertThat(tally.path("loss").asString()).isEqualTo("SEVERE");
    assertThat(tally.path("dead").asDouble()).isEqualTo(0.9);
    assertThat(tally.path("follows").valueStream().map(RunningApplication::plain))
        .contains("No feed for 28 days.");
  }

  @Test
  void aPlantThatIsLostMeanwhileIsOnNoBench() throws Exception {
    var plant = "Cattleya Gauge Board";
    var job = begin(plant);
    var uid = job.path("uid").asString();
    assertThat(APP.get("/api/jobs").body().toString()).contains(uid);
    APP.bean(Keeping.class)
        .write(
            NewAct.of(
                RunningApplication.TODAY,
                id(plant),
                new Happening.Became(new Fate(PlantStatus.LOST, "frost"))),
            RunningApplication.TODAY);
    var open = APP.get("/api/jobs");
    assertThat(open.status()).isEqualTo(200);
    assertThat(open.body().toString()).doesNotContain(uid);
    var finished = finish(job);
    assertThat(finished.status()).isEqualTo(409);
    assertThat(finished.body().path("detail").asString()).contains("not in the collection");
  }
}
