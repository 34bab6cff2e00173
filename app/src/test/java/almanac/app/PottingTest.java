package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.node.ObjectNode;

/** The open interfaces for pots and what goes into them. */
class PottingTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.empty();

  private static ObjectNode example(String schema) throws Exception {
    var example =
        APP.get("/api/openapi")
            .body()
            .path("components")
            .path("schemas")
            .path(schema)
            .path("example");
    return (ObjectNode)
        RunningApplication.json(example.isString() ? example.asString() : example.toString());
  }

  @Test
  void theExampleOfPotsIsAnsweredWithTheBestFirst() throws Exception {
    var answer = APP.post("/api/pot-advice", example("PotsAsked").toString()).body();
    assertThat(answer.path("seats")).hasSize(2);
    assertThat(answer.path("seats").path(0).path("pot").path("diameterMm").asDouble())
        .isEqualTo(160);
    assertThat(answer.path("seats").path(0).path("fit").asString()).isEqualTo("GOOD");
    assertThat(answer.path("seats").path(1).path("fit").asString()).isEqualTo("TOO_SMALL");
    assertThat(answer.path("wantedMm").asDouble() % 10).isZero();
  }

  @Test
  void aDepthThatIsMeantIsHeldAgainstThatOfItsKind() throws Exception {
    var asked = example("PotsAsked");
    assertThat(APP.post("/api/pot-advice", asked.toString()).body().path("levelFault").isNull())
        .isTrue();
    asked.put("level", "LEAD_IN_SURFACE");
    assertThat(APP.post("/api/pot-advice", asked.toString()).body().path("levelFault").isNull())
        .isTrue();
    asked.put("level", "BASE_COVERED");
    assertThat(APP.post("/api/pot-advice", asked.toString()).body().path("levelFault").asString())
        .contains("The base of the lead level with the surface");
    asked.put("level", "ON_STILTS");
    assertThat(APP.post("/api/pot-advice", asked.toString()).fault("level")).isPresent();
  }

  @Test
  void theExampleOfAFillIsAnsweredByComponents() throws Exception {
    var answer = APP.post("/api/sums/fill", example("FillAsked").toString()).body();
    var portions = answer.path("portions");
    assertThat(portions.path(0).path("ml").asDouble())
        .isEqualTo(3 * portions.path(1).path("ml").asDouble());
    assertThat(answer.path("measured").asString()).contains("jug");
  }

  @Test
  void whatCannotBeIsRefusedAtItsEntry() throws Exception {
    var unmeasured = example("PotsAsked");
    ((ObjectNode) unmeasured.path("pots").path(1)).putNull("diameterMm");
    assertThat(APP.post("/api/pot-advice", unmeasured.toString()).fault("pots[1].diameterMm"))
        .isPresent();
    var nothing = example("PotsAsked");
    nothing.putArray("growths");
    assertThat(APP.post("/api/pot-advice", nothing.toString()).body().path("wantedMm").asDouble())
        .as("as large as its pot lets it be, and not larger")
        .isBetween(120.0, 160.0);
    nothing.putNull("oldMm");
    assertThat(APP.post("/api/pot-advice", nothing.toString()).fault("growths")).isPresent();
    var tight = example("FillAsked");
    ((ObjectNode) tight.path("pots").path(0)).put("ball", "WHOLE");
    ((ObjectNode) tight.path("pots").path(0).path("old"))
        .put("diameterMm", 200)
        .put("depthMm", 180);
    assertThat(APP.post("/api/sums/fill", tight.toString()).fault("pots[0].pot.diameterMm"))
        .isPresent();
    var none = example("FillAsked");
    ((ObjectNode) none.path("mix").path(0)).put("parts", 0);
    assertThat(APP.post("/api/sums/fill", none.toString()).fault("mix")).isPresent();
  }
}
