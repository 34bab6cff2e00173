package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Benches: what they give is what their plants are judged by, at once. */
class BenchesTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static String means(double celsius) {
    return IntStream.range(0, 12).mapToObj(i -> String.valueOf(celsius)).toList().toString();
  }

  private static JsonNode bench(String json) throws Exception {
    var added = APP.post("/api/benches", json);
    assertThat(added.status()).as("%s", added.body()).isEqualTo(201);
    return added.body();
  }

  private static JsonNode plantOn(long bench, String label) throws Exception {
    return APP.post(
            "/api/plants",
            """
            {"label":"%s","profile":"oncidium","benchId":%d,"pottedOn":"2025-01",
             "mix":[{"component":"BARK_FINE","parts":1}]}"""
                .formatted(label, bench))
        .body()
        .path("plant");
  }

  private static JsonNode page(JsonNode plant) throws Exception {
    return APP.get("/api/plants/" + plant.path("id").asLong()).body();
  }

  @Test
  void aNewBenchComesLastInTheWalk() throws Exception {
    var added = bench("{\"name\":\" Porch \",\"kind\":\"SHELF\",\"lampHours\":0}");
    assertThat(added.path("name").asString()).isEqualTo("Porch");
    var all = APP.get("/api/benches").body();
    assertThat(all.path(all.size() - 1).path("id")).isEqualTo(added.path("id"));
    APP.delete("/api/benches/" + added.path("id").asLong());
    assertThat(APP.get("/api/benches").body()).hasSize(all.size() - 1);
    assertThat(APP.delete("/api/benches/" + added.path("id").asLong()).status()).isEqualTo(404);
  }

  @Test
  void aHotterBenchUsesTheMediumUpFaster() throws Exception {
    long cool =
        bench("{\"name\":\"Cool shelf\",\"means\":%s}".formatted(means(14))).path("id").asLong();
    var plant = plantOn(cool, "Oncidium Drip Stone");
    double before = page(plant).path("slip").path("medium").path("used").asDouble();
    var hotter =
        APP.put(
            "/api/benches/" + cool, "{\"name\":\"Cool shelf\",\"means\":%s}".formatted(means(28)));
    assertThat(hotter.status()).isEqualTo(200);
    assertThat(page(plant).path("slip").path("medium").path("used").asDouble())
        .isGreaterThan(before * 1.5);
    var unmeasured = APP.put("/api/benches/" + cool, "{\"name\":\"Cool shelf\"}").body();
    assertThat(unmeasured.path("means").isNull()).isTrue();
  }

  @Test
  void lampsCarryAPlantThroughTheWinter() throws Exception {
    long dark = bench("{\"name\":\"North room\"}").path("id").asLong();
    var plant = plantOn(dark, "Oncidium Frost Fair");
    var december =
        "{\"on\":\"2027-12-10\",\"looks\":{\"newRoots\":{\"answers\":[\"NUB\"]}},\"figures\":{}}";
    var path = "/api/plants/%d/what-if".formatted(plant.path("id").asLong());
    double unlit = APP.post(path, december).body().path("slip").path("readiness").asDouble();
    APP.put("/api/benches/" + dark, "{\"name\":\"North room\",\"lampHours\":14}");
    double lit = APP.post(path, december).body().path("slip").path("readiness").asDouble();
    assertThat(lit).isGreaterThan(unlit);
  }

  @Test
  void anApproachOfTheBenchHoldsForItsPlantsOnly() throws Exception {
    long patient =
        bench("{\"name\":\"Patient shelf\",\"approach\":\"UNDISTURBED_ROOTS\"}")
            .path("id")
            .asLong();
    var plant = plantOn(patient, "Oncidium Slack Water");
    assertThat(page(plant).path("slip").path("approach").asString()).isEqualTo("UNDISTURBED_ROOTS");
    assertThat(APP.get("/api/plants/1").body().path("slip").path("approach").asString())
        .isEqualTo("HOUSE_RULES");
  }

  @Test
  void whatASensorSaidGoesWithItsBench() throws Exception {
    long id = bench("{\"name\":\"Boat shed\"}").path("id").asLong();
    APP.post("/api/instruments/sensor/" + id, "");
    assertThat(APP.get("/api/instruments/sensor/" + id).body().path("days").asInt()).isPositive();
    assertThat(APP.delete("/api/benches/" + id).status()).isEqualTo(204);
    assertThat(APP.get("/api/instruments/sensor/" + id).body().path("days").asInt()).isZero();
  }

  @ParameterizedTest(name = "{1}: {0}")
  @CsvSource(
      delimiter = ';',
      quoteCharacter = '\'',
      value = {
        "{\"name\":\"   \"}; name",
        "{\"lampHours\":3}; name",
        "{\"name\":\"Loft\",\"lampHours\":-1}; lampHours",
        "{\"name\":\"Loft\",\"lampHours\":\"long\"}; lampHours",
        "{\"name\":\"Loft\",\"kind\":\"GREENHOUSE\"}; kind",
        "{\"name\":\"Loft\",\"approach\":\"MINE\"}; approach",
        "{\"name\":\"Loft\",\"means\":[1,2,3]}; means",
        "{\"name\":\"Loft\",\"means\":[1,2,3,4,5,6,7,8,9,10,11,null]}; means",
        "{\"name\":\"Loft\",\"means\":[1,2,3,4,5,6,7,8,9,10,11,51]}; means",
        "{\"name\":\"Loft\",\"colour\":\"green\"}; colour"
      })
  void aBenchThatCannotBeIsRefusedByItsField(String json, String field) throws Exception {
    var before = APP.get("/api/benches").body();
    var refused = APP.post("/api/benches", json);
    assertThat(refused.status()).as("%s", refused.body()).isEqualTo(400);
    assertThat(
            refused.body().path("faults").valueStream().map(each -> each.path("field").asString()))
        .as("%s", refused.body())
        .anyMatch(named -> named.startsWith(field));
    assertThat(APP.get("/api/benches").body()).isEqualTo(before);
  }

  @Test
  void theWalkNamesEveryBenchOnce() throws Exception {
    var ids =
        APP.get("/api/benches").body().valueStream().map(each -> each.path("id").asLong()).toList();
    for (var wrong :
        new String[] {"[]", "[1]", "[1,1,2,3,4]", ids.toString().replace("]", ",4711]")}) {
      assertThat(APP.put("/api/benches", "{\"benches\":%s}".formatted(wrong)).fault("benches"))
          .as(wrong)
          .isPresent();
    }
    assertThat(APP.put("/api/benches", "{\"benches\":%s}".formatted(ids)).status()).isEqualTo(200);
  }
}
