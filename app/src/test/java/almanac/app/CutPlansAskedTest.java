package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The open interface that says where a rhizome may be cut. */
class CutPlansAskedTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.empty();

  /** As it stands in the description of the interface. */
  private static ObjectNode example() throws Exception {
    var example =
        APP.get("/api/openapi")
            .body()
            .path("components")
            .path("schemas")
            .path("CutsAsked")
            .path("example");
    return (ObjectNode)
        RunningApplication.json(example.isString() ? example.asString() : example.toString());
  }

  private static RunningApplication.Answer plans(JsonNode asked) throws Exception {
    return APP.post("/api/cut-plans", asked.toString());
  }

  @Test
  void theExampleIsAnsweredWithItsPlans() throws Exception {
    var answer = plans(example()).body();
    assertThat(answer.path("least").asInt()).isEqualTo(3);
    assertThat(answer.path("plans").valueStream().map(plan -> plan.path("plan").asString()))
        .containsExactly("WHOLE", "TWO", "BUNCHED");
    var two = answer.path("plans").path(1);
    assertThat(two.path("cuts").toString()).isEqualTo("[\"3–4\"]");
    assertThat(two.path("pieces").valueStream().map(piece -> piece.path("sound").asBoolean()))
        .containsExactly(true, true);
    var meant = answer.path("meant");
    assertThat(meant.valueStream().filter(piece -> !piece.path("sound").asBoolean()))
        .singleElement()
        .satisfies(
            piece ->
                assertThat(RunningApplication.plain(piece.path("lacks").path(0)))
                    .isEqualTo("2 firm growths instead of 3"));
  }

  @Test
  void whatIsNoRhizomeIsRefusedAtItsEntry() throws Exception {
    var circle = example();
    ((ObjectNode) circle.path("joints").path(5)).put("one", "1").put("other", "3");
    assertThat(plans(circle).fault("joints[5]")).isPresent();
    var roots = example();
    ((ObjectNode) roots.path("growths").path(2)).put("roots", -1);
    assertThat(plans(roots).fault("growths[2].roots")).isPresent();
    var cuts = example();
    cuts.putArray("cuts").add(6);
    assertThat(plans(cuts).fault("cuts[0]")).isPresent();
    assertThat(plans(example().put("kind", "phalaenopsis")).fault("kind")).isPresent();
  }
}
