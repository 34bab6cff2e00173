package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Places: what they give is what their plants are judged by, at once. */
class PlacesKeptTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static String means(double celsius) {
    return IntStream.range(0, 12).mapToObj(i -> String.valueOf(celsius)).toList().toString();
  }

  private static JsonNode place(String json) throws Exception {
    var added = APP.post("/api/places", json);
    assertThat(added.status()).as("%s", added.body()).isEqualTo(201);
    return added.body();
  }

  private static JsonNode plantOn(long place, String label) throws Exception {
    return APP.post(
            "/api/plants",
            """
            {"label":"%s","kind":"oncidium","placeId":%d,"pottedOn":"2025-01",
             "mix":[{"component":"BARK_FINE","parts":1}]}"""
                .formatted(label, place))
        .body()
        .path("plant");
  }

  private static JsonNode page(JsonNode plant) throws Exception {
    return APP.get("/api/plants/" + plant.path("id").asLong()).body();
  }

  @Test
  void aNewPlaceComesLastInTheWalk() throws Exception {
    var added = place("{\"name\":\" Porch \",\"kind\":\"SHELF\",\"lampHours\":0}");
    assertThat(added.path("name").asString()).isEqualTo("Porch");
    var all = APP.get("/api/places").body();
    assertThat(all.path(all.size() - 1).path("id")).isEqualTo(added.path("id"));
    APP.delete("/api/places/" + added.path("id").asLong());
    assertThat(APP.get("/api/places").body()).hasSize(all.size() - 1);
    assertThat(APP.delete("/api/places/" + added.path("id").asLong()).status()).isEqualTo(404);
  }

  @Test
  void aHotterPlaceUsesTheMediumUpFaster() throws Exception {
    long cool =
        place("{\"name\":\"Cool shelf\",\"means\":%s}".formatted(means(14))).path("id").asLong();
    var plant = plantOn(cool, "Oncidium Drip Stone");
    double before = page(plant).path("slip").path("medium").path("used").asDouble();
    var hotter =
        APP.put(
            "/api/places/" + cool, "{\"name\":\"Cool shelf\",\"means\":%s}".formatted(means(28)));
    assertThat(hotter.status()).isEqualTo(200);
    assertThat(page(plant).path("slip").path("medium").path("used").asDouble())
        .isGreaterThan(before * 1.5);
    var unmeasured = APP.put("/api/places/" + cool, "{\"name\":\"Cool shelf\"}").body();
    assertThat(unmeasured.path("means").isNull()).isTrue();
  }

  @Test
  void lampsCarryAPlantThroughTheWinter() throws Exception {
    long dark = place("{\"name\":\"North room\"}").path("id").asLong();
    var plant = plantOn(dark, "Oncidium Frost Fair");
    var december =
        "{\"on\":\"2027-12-10\",\"looks\":{\"newRoots\":{\"answers\":[\"NUB\"]}},\"figures\":{}}";
    var path = "/api/plants/%d/what-if".formatted(plant.path("id").asLong());
    double unlit = APP.post(path, december).body().path("slip").path("readiness").asDouble();
    APP.put("/api/places/" + dark, "{\"name\":\"North room\",\"lampHours\":14}");
    double lit = APP.post(path, december).body().path("slip").path("readiness").asDouble();
    assertThat(lit).isGreaterThan(unlit);
  }

  @Test
  void anApproachOfThePlaceHoldsForItsPlantsOnly() throws Exception {
    long patient =
        place("{\"name\":\"Patient shelf\",\"approach\":\"UNDISTURBED_ROOTS\"}")
            .path("id")
            .asLong();
    var plant = plantOn(patient, "Oncidium Slack Water");
    assertThat(page(plant).path("slip").path("approach").asString()).isEqualTo("UNDISTURBED_ROOTS");
    assertThat(APP.get("/api/plants/1").body().path("slip").path("approach").asString())
        .isEqualTo("HOUSE_RULES");
  }

  @Test
  void whatASensorSaidGoesWithItsPlace() throws Exception {
    long id = place("{\"name\":\"Boat shed\"}").path("id").asLong();
    APP.post("/api/instruments/sensor/" + id, "");
    assertThat(APP.get("/api/instruments/sensor/" + id).body().path("days").asInt()).isPositive();
    assertThat(APP.delete("/api/places/" + id).status()).isEqualTo(204);
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
  void aPlaceThatCannotBeIsRefusedByItsField(String json, String field) throws Exception {
    var before = APP.get("/api/places").body();
    var refused = APP.post("/api/places", json);
    assertThat(refused.status()).as("%s", refused.body()).isEqualTo(400);
    assertThat(
            refused.body().path("faults").valueStream().map(each -> each.path("field").asString()))
        .as("%s", refused.body())
        .anyMatch(named -> named.startsWith(field));
    assertThat(APP.get("/api/places").body()).isEqualTo(before);
  }

  @Test
  void theWalkNamesEveryPlaceOnce() throws Exception {
    var ids =
        APP.get("/api/places").body().valueStream().map(each -> each.path("id").asLong()).toList();
    for (var wrong :
        new String[] {"[]", "[1]", "[1,1,2,3,4]", ids.toString().replace("]", ",4711]")}) {
      assertThat(APP.put("/api/places", "{\"places\":%s}".formatted(wrong)).fault("places"))
          .as(wrong)
          .isPresent();
    }
    assertThat(APP.put("/api/places", "{\"places\":%s}".formatted(ids)).status()).isEqualTo(200);
  }
}
