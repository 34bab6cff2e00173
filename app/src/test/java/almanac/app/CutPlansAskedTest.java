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
    return example("CutsAsked");
  }

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

  private static RunningApplication.Answer plans(JsonNode asked) throws Exception {
    return APP.post("/api/cut-plans", asked.toString());
  }

  @Test
  void theExampleIsAnsweredWithItsPlans() throws Exception {
    var answer = plans(example()).body();
    assertThat(answer.path("least").asInt()).isEqualTo(3);
    assertThat(answer.path("plans").valueStream().map(plan -> plan.path("plan").asString()))
        .containsExactly("WHOLE", "TWO", "BUNCHED", "GAMBLE");
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

  @Test
  void aMapIsDrawnAnewByOneGrowthWithWhatFollowsForAll() throws Exception {
    var grown = APP.post("/api/maps", example("MapAsked").toString()).body();
    assertThat(
            grown
                .path("map")
                .path("growths")
                .valueStream()
                .map(each -> each.path("name").asString() + each.path("front").asString()))
        .containsExactly("1SPENT", "2SPENT", "3LEAD");
    assertThat(grown.path("marks").path(2).path("hour").asInt()).isEqualTo(12);
    var turned = example("MapAsked").put("change", "TURNED").put("hour", 4);
    assertThat(
            APP.post("/api/maps", turned.toString())
                .body()
                .path("marks")
                .path(1)
                .path("degrees")
                .asDouble())
        .isEqualTo(120);
  }

  @Test
  void whatAChangeOfAMapLacksIsNamed() throws Exception {
    var rim = example("MapAsked").put("change", "AT_THE_RIM").put("hour", 3);
    assertThat(APP.post("/api/maps", rim.toString()).fault("toRimMm")).isPresent();
    rim.put("toRimMm", 70).put("potMm", 120);
    assertThat(APP.post("/api/maps", rim.toString()).fault("toRimMm"))
        .hasValueSatisfying(fault -> assertThat(fault.toString()).contains("middle"));
    var island = example("MapAsked");
    ((ObjectNode) island.path("map")).putArray("joints");
    assertThat(APP.post("/api/maps", island.toString()).fault("map.joints")).isPresent();
    var nobody = example("MapAsked").put("name", "9");
    assertThat(APP.post("/api/maps", nobody.toString()).fault("name")).isPresent();
  }
}
