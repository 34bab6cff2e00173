package almanac.app;

import static almanac.app.AtTheBench.tasks;
import static almanac.app.AtTheBench.with;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/**
 * How a job ends: what is asked before it is written down, and what then is in no list any more.
 */
class JobEndsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final AtTheBench BENCH = new AtTheBench(APP);
  private static final String PLANT = "Encyclia Cordwain";

  private JsonNode job;

  private void tell(String field, String json) throws Exception {
    job = BENCH.save(job, with(job, field, json));
  }

  @AfterEach
  void today() throws Exception {
    APP.delete("/api/jobs/" + job.path("uid").asString());
    APP.goOnTo(RunningApplication.TODAY);
  }

  @Test
  void whatIsLetGoIsInNoListAndItsBulbIsAPlantOfItsOwnUntilThatIsUndone() throws Exception {
    long id = BENCH.id(PLANT);
    var before = BENCH.page(id);
    int all = APP.get("/api/plants").body().size();
    job = BENCH.begin(PLANT);
    tell("chosen", "\"LET_GO\"");
    assertThat(tasks(job)).contains("LET_GO").doesNotContain("FILL", "WATER");
    assertThat(BENCH.finish(job).fault("ending.became")).isPresent();
    tell("ending", "{\"became\":\"THROWN_OUT\",\"why\":\"wilt\",\"bulbSaved\":true}");
    var done = BENCH.finish(job).body();
    var gone = done.path("plant").path("card");
    assertThat(gone.path("status").asString()).isEqualTo("LOST");
    assertThat(gone.path("statusReason").asString()).isEqualTo("wilt");
    assertThat(done.path("plant").path("checks")).isEmpty();
    assertThat(done.path("plants")).hasSize(2);
    var bulb = BENCH.page(done.path("plants").path(1).asLong());
    assertThat(bulb.path("card").path("status").asString()).isEqualTo("RECOVERING");
    assertThat(bulb.path("potting").path("mixWords").asString()).isEqualTo("long-fibre sphagnum");
    assertThat(bulb.path("checks").path(0).path("title").asString()).isEqualTo("First watering");
    for (var list : new String[] {"/api/rounds", "/api/round", "/api/checks", "/api/bench-days"}) {
      assertThat(APP.get(list).body().findValuesAsString("plantId"))
          .as(list)
          .isNotEmpty()
          .doesNotContain(String.valueOf(id));
    }
    APP.post("/api/acts/%s/withdrawal".formatted(done.path("act").asString()), "{}");
    assertThat(BENCH.page(id)).isEqualTo(before);
    assertThat(APP.get("/api/plants").body()).hasSize(all);
  }

  @Test
  void aJobThatWasLeftOpenAsksOnWhichDayItWas() throws Exception {
    job = BENCH.begin(PLANT);
    assertThat(job.path("asksDay").asBoolean()).isFalse();
    tell("chosen", "\"FULL_REPOT\"");
    APP.goOnTo(RunningApplication.TODAY.plusDays(21));
    job = BENCH.begin(PLANT);
    assertThat(job.path("asksDay").asBoolean()).isTrue();
    assertThat(BENCH.finish(job).fault("on")).isPresent();
    assertThat(BENCH.tell(job, "on", "\"2027-06-06\"").fault("on")).as("tomorrow").isPresent();
    assertThat(BENCH.tell(job, "on", "\"2019-01-01\"").fault("on"))
        .as("before it stood so")
        .isPresent();
    tell("on", "\"2027-05-30\"");
    assertThat(job.path("asksDay").asBoolean()).isFalse();
    var done = BENCH.finish(job);
    assertThat(done.status()).as("%s", done.body()).isEqualTo(201);
    var potting = done.body().path("plant").path("potting");
    assertThat(potting.path("pottedOn").asString()).isEqualTo("2027-05-30");
    APP.post("/api/acts/%s/withdrawal".formatted(done.body().path("act").asString()), "{}");
  }

  @Test
  void whoMovesItUpSaysIntoWhichPotAndWhatTheTallySawIsALook() throws Exception {
    job = BENCH.begin(PLANT);
    tell("chosen", "\"MOVE_UP\"");
    assertThat(BENCH.finish(job).fault("pot")).isPresent();
    tell("pot", "{\"type\":\"CLEAR\",\"diameterMm\":160,\"depthMm\":150,\"topLayer\":\"\"}");
    tell("tally", "{\"counts\":{\"NEW_KEPT\":1,\"NEW_BROKEN\":2},\"byEye\":false}");
    var done = BENCH.finish(job).body();
    assertThat(done.path("plant").path("journal").valueStream().map(RunningApplication::words))
        .anySatisfy(line -> assertThat(line).contains("some new root tips"));
    APP.post("/api/acts/%s/withdrawal".formatted(done.path("act").asString()), "{}");
  }
}
