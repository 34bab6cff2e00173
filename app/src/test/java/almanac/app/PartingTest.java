package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A plant that is parted at the bench: one act, a plant for each piece, and all of it undone. */
class PartingTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final AtTheBench BENCH = new AtTheBench(APP);
  private static final String MOTHER = "Encyclia Cordwain";

  /** Two fronts of three growths, with the joint between them to be cut. */
  private static final String TWO_FRONTS =
      """
      {"map":{"growths":[
         {"name":"a1","firmness":"FIRM","roots":4,"newRoots":true,"front":"LEAD","x":-60,"y":0},
         {"name":"a2","firmness":"FIRM","roots":3,"newRoots":false,"front":"SPENT","x":-35,"y":0},
         {"name":"a3","firmness":"FIRM","roots":3,"newRoots":false,"front":"SPENT","x":-10,"y":0},
         {"name":"b3","firmness":"FIRM","roots":3,"newRoots":false,"front":"SPENT","x":15,"y":0},
         {"name":"b2","firmness":"FIRM","roots":3,"newRoots":false,"front":"SPENT","x":40,"y":0},
         {"name":"b1","firmness":"FIRM","roots":2,"newRoots":true,"front":"LEAD","x":65,"y":0}],
       "joints":[{"one":"a1","other":"a2","natural":false},{"one":"a2","other":"a3","natural":false},
         {"one":"a3","other":"b3","natural":true},{"one":"b3","other":"b2","natural":false},
         {"one":"b2","other":"b1","natural":false}]},
       "cuts":[%s],"pieces":{%s}}""";

  private static JsonNode parted(String cuts, String pieces) throws Exception {
    var job = BENCH.begin(MOTHER);
    return BENCH.save(job, AtTheBench.with(job, "dividing", TWO_FRONTS.formatted(cuts, pieces)));
  }

  private static List<String> fates(JsonNode job) {
    return job.path("dividing")
        .path("pieces")
        .valueStream()
        .map(piece -> piece.path("key").asString() + " " + piece.path("fate").asString())
        .toList();
  }

  @Test
  void eachPieceIsAPlantAndUndoneNoneOfThemIs() throws Exception {
    long mother = BENCH.id(MOTHER);
    var before = BENCH.page(mother);
    int plants = APP.get("/api/plants").body().size();
    var job = parted("2", "");
    assertThat(fates(job)).containsExactly("a1 STAYS", "b3 POTTED");
    assertThat(job.path("dividing").path("plans").valueStream())
        .anySatisfy(plan -> assertThat(plan.path("plan").asString()).isEqualTo("TWO"));
    var finished = BENCH.finish(job);
    assertThat(finished.status()).as("%s", finished.body()).isEqualTo(201);
    assertThat(finished.body().path("plants")).hasSize(2);
    assertThat(APP.get("/api/plants").body()).hasSize(plants + 1);
    var daughter = BENCH.page(finished.body().path("plants").path(1).asLong());
    assertThat(daughter.path("name").asString()).isEqualTo(MOTHER);
    assertThat(daughter.path("card").path("number").asString()).startsWith("27-");
    assertThat(daughter.path("checks").size()).as("it has its own checks").isPositive();
    assertThat(daughter.toString()).contains(before.path("card").path("number").asString());
    var act = finished.body().path("act").asString();
    APP.post("/api/acts/%s/withdrawal".formatted(act), "{}");
    assertThat(BENCH.page(mother)).isEqualTo(before);
    assertThat(APP.get("/api/plants").body()).hasSize(plants);
    var again = BENCH.begin(MOTHER);
    assertThat(again.path("dividing").path("drawn").asBoolean()).isFalse();
    APP.delete("/api/jobs/" + again.path("uid").asString());
  }

  @Test
  void aMixThatIsCorrectedAfterwardsLeavesTheDaughterAsSheIs() throws Exception {
    var finished = BENCH.finish(parted("2", ""));
    long mother = BENCH.id(MOTHER);
    long daughter = finished.body().path("plants").path(1).asLong();
    var before = BENCH.page(daughter);
    var act = finished.body().path("act").asString();
    var corrected =
        APP.post(
            "/api/plants/%d/repots".formatted(mother),
            """
            {"on":"%s","mix":[{"component":"LAVA","parts":1}],"note":"","corrects":"%s"}"""
                .formatted(RunningApplication.TODAY, act));
    assertThat(corrected.status()).as("%s", corrected.body()).isEqualTo(201);
    assertThat(BENCH.page(mother).path("potting").path("mixWords").asString()).isEqualTo("lava");
    assertThat(BENCH.page(daughter)).isEqualTo(before);
    for (var each : List.of(corrected.body().path("act").asString(), act)) {
      assertThat(APP.post("/api/acts/%s/withdrawal".formatted(each), "{}").status()).isEqualTo(201);
    }
    assertThat(APP.get("/api/plants/" + daughter).status()).isEqualTo(404);
  }

  @Test
  void whatWasDrawnIsKeptForTheNextYear() throws Exception {
    var job = parted("", "");
    var finished = BENCH.finish(job);
    var again = BENCH.begin(MOTHER);
    assertThat(again.path("dividing").path("map").path("growths")).hasSize(6);
    APP.delete("/api/jobs/" + again.path("uid").asString());
    APP.post("/api/acts/%s/withdrawal".formatted(finished.body().path("act").asString()), "{}");
  }

  @Test
  void aPieceGivenAwayLeavesTheCollectionAndKeepsItsHistory() throws Exception {
    var job = parted("2", "\"b3\":{\"fate\":\"GIVEN_AWAY\"}");
    var finished = BENCH.finish(job);
    long daughter = finished.body().path("plants").path(1).asLong();
    var page = APP.get("/api/plants/" + daughter).body();
    assertThat(page.path("card").path("status").asString()).isEqualTo("GIVEN_AWAY");
    var papers = APP.text("/api/plants/%d/papers.md".formatted(daughter));
    assertThat(papers)
        .startsWith("# " + MOTHER)
        .contains("Divided from")
        .contains("before it was parted")
        .contains("Roots in the pot");
    APP.post("/api/acts/%s/withdrawal".formatted(finished.body().path("act").asString()), "{}");
  }

  @Test
  void whatIsBunchedBackStaysOnePlant() throws Exception {
    var job = parted("2", "\"b3\":{\"fate\":\"STAYS\"}");
    assertThat(job.path("dividing").path("staying")).hasSize(6);
    var finished = BENCH.finish(job);
    assertThat(finished.body().path("plants")).hasSize(1);
    APP.post("/api/acts/%s/withdrawal".formatted(finished.body().path("act").asString()), "{}");
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "a cut through a growth    | 9 |                                  | dividing.cuts[0]",
        "no piece stays the plant  | 2 | \"a1\":{\"fate\":\"OUT\"}            | dividing.pieces",
      })
  void whatCannotBeIsRefusedAndTheJobStaysAsItWas(
      String what, String cuts, String pieces, String field) throws Exception {
    var job = BENCH.begin(MOTHER);
    var told = TWO_FRONTS.formatted(cuts, pieces == null ? "" : pieces);
    assertThat(BENCH.tell(job, "dividing", told).fault(field)).isPresent();
    var circle =
        TWO_FRONTS
            .formatted("", "")
            .replace("\"one\":\"b2\",\"other\":\"b1\"", "\"one\":\"a1\",\"other\":\"a3\"");
    assertThat(BENCH.tell(job, "dividing", circle).fault("dividing.map.joints[4]")).isPresent();
    var still = APP.get("/api/jobs/" + job.path("uid").asString()).body();
    assertThat(still).isEqualTo(job);
    APP.delete("/api/jobs/" + job.path("uid").asString());
  }
}
