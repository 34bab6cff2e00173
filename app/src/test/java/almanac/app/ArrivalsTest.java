package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** New plants: kept apart, held in the pot they came in, and measured by instruments. */
class ArrivalsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static JsonNode arrive(String label) throws Exception {
    var added =
        APP.post(
            "/api/plants",
            """
            {"label":"%s","profile":"oncidium","benchId":3,"pottedOn":"unknown",
             "mix":[{"component":"COCONUT_FIBRE","parts":1}],"arrivedOn":"2027-05-15",
             "cameFrom":"a swap","price":"8","apart":true,"held":true}"""
                .formatted(label));
    assertThat(added.status()).as("%s", added.body()).isEqualTo(201);
    return added.body().path("plant");
  }

  private static JsonNode look(JsonNode plant, String looks) throws Exception {
    var answer =
        APP.post(
            "/api/plants/%d/inspections".formatted(plant.path("id").asLong()),
            "{\"on\":\"2027-05-15\",\"looks\":%s}".formatted(looks));
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(201);
    return answer.body().path("plant");
  }

  @Test
  void aNewPlantIsKeptApartAndHeld() throws Exception {
    var plant = arrive("Oncidium Rope Ferry");
    assertThat(plant.path("card").path("cameFrom").asString()).isEqualTo("a swap");
    assertThat(plant.path("apart").path("next").asString()).isEqualTo("2027-05-18");
    assertThat(plant.path("apart").path("free").asString()).isEqualTo("2027-06-12");
    assertThat(plant.path("holding").path("next").asString()).isEqualTo("2027-05-15");
  }

  @Test
  void aSoakSaysHowToFeedAndNubsEndTheHolding() throws Exception {
    var plant = arrive("Oncidium Chain Pier");
    var soaked =
        look(
            plant,
            "{\"soakIn\":{\"answers\":[],\"measured\":7},\"soakPh\":{\"answers\":[],\"measured\":6.2}}");
    assertThat(soaked.path("holding").path("feedTo").asDouble()).isEqualTo(7);
    assertThat(soaked.path("holding").path("soaks").path(0).path("drop").asDouble())
        .isBetween(0.79, 0.81);
    assertThat(soaked.path("holding").path("next").asString()).isEqualTo("2027-06-14");
    var rooting = look(soaked, "{\"newRoots\":{\"answers\":[\"NUB\"]}}");
    assertThat(rooting.path("holding").isNull()).as("ends by itself when roots show").isTrue();
  }

  @Test
  void thePenWandersAndSettles() throws Exception {
    var early = APP.get("/api/instruments/pen/1?water=SOAK&seconds=2").body();
    var late = APP.get("/api/instruments/pen/1?water=SOAK&seconds=40").body();
    assertThat(early.path("settled").asBoolean()).isFalse();
    assertThat(late.path("settled").asBoolean()).isTrue();
    assertThat(late.path("ph").asDouble()).isBetween(5.5, 7.1);
    assertThat(APP.get("/api/instruments/pen/1?water=SOAK&seconds=60").body().path("ph"))
        .as("settled is settled")
        .isEqualTo(late.path("ph"));
    assertThat(APP.get("/api/instruments/pen/1?water=SOAK&seconds=-1").fault("seconds"))
        .isPresent();
  }

  @Test
  void theSensorGivesTheMeansOfTheYearAndTheScaleTheDaysToDry() throws Exception {
    var means = APP.get("/api/instruments/sensor/1").body().path("means");
    assertThat(means).hasSize(12);
    assertThat(means.path(6).asDouble()).as("July").isGreaterThan(means.path(0).asDouble());
    var scale = APP.get("/api/instruments/scale/1").body();
    assertThat(scale.path("daysToDry").asInt()).isBetween(2, 13);
  }

  @ParameterizedTest
  @CsvSource({
    "NOT_ANSWERING, does not answer",
    "OUT_OF_RANGE, out of its range",
    "FLAT_BATTERY, flat battery"
  })
  void aFaultIsSaidAndTypingIsOffered(String condition, String words) throws Exception {
    var all = "{\"pen\":\"%1$s\",\"sensor\":\"%1$s\",\"scale\":\"%1$s\"}".formatted(condition);
    APP.put("/api/instruments", all);
    for (var path : new String[] {"pen/1?water=SOAK&seconds=40", "sensor/1", "scale/1"}) {
      var answer = APP.get("/api/instruments/" + path);
      assertThat(answer.status()).isEqualTo(503);
      assertThat(answer.body().path("detail").asString()).contains(words);
    }
    APP.put("/api/instruments", all.replace(condition, "WORKS"));
    assertThat(APP.get("/api/instruments/scale/1").status()).isEqualTo(200);
  }
}
