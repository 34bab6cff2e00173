package almanac.app;

import static almanac.app.start.RunningApplication.words;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.List;
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
            {"label":"%s","kind":"oncidium","placeId":3,"pottedOn":"unknown",
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

  private static JsonNode page(JsonNode plant) throws Exception {
    return APP.get("/api/plants/" + plant.path("id").asLong()).body();
  }

  private static JsonNode check(JsonNode plant, String purpose) {
    return plant
        .path("checks")
        .valueStream()
        .filter(check -> check.path("purpose").asString().equals(purpose))
        .findFirst()
        .orElse(plant.path("checks").path("none"));
  }

  private static JsonNode hold(JsonNode plant, boolean held) throws Exception {
    var answer =
        APP.put(
            "/api/plants/%d/hold".formatted(plant.path("id").asLong()),
            "{\"held\":%s}".formatted(held));
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
    return answer.body().path("plant");
  }

  @Test
  void looksAndSoaksStandInTheDiaryAndAreAnsweredByWhatIsSeen() throws Exception {
    var plant = arrive("Oncidium Tar Barrel");
    var apart = check(plant, "APART");
    assertThat(apart.path("best").asString()).isEqualTo("2027-05-18");
    assertThat(apart.path("byLooking").asBoolean()).isTrue();
    assertThat(check(plant, "SOAK").path("urgency").asString()).isEqualTo("DUE");
    assertThat(APP.get("/api/checks").body().valueStream())
        .as("with all the others")
        .anyMatch(
            due ->
                due.path("plantId").equals(plant.path("id"))
                    && due.path("check").path("id").equals(apart.path("id")));
    for (var refused :
        List.of(answer(plant, "SOAK", "AS_HOPED"), answer(plant, "APART", "NOT_AS_HOPED"))) {
      assertThat(refused.status()).isEqualTo(400);
      assertThat(refused.fault("answer")).isPresent();
    }

    var soaked = look(plant, "{\"soakPh\":{\"answers\":[],\"measured\":5.8}}");
    assertThat(check(soaked, "SOAK").path("best").asString()).isEqualTo("2027-05-29");
    assertThat(check(soaked, "APART").path("best").asString())
        .as("a soak is no look for pests")
        .isEqualTo("2027-05-18");
    var found = look(soaked, "{\"pests\":{\"answers\":[\"SCALE\"]}}");
    assertThat(check(found, "APART").path("best").asString())
        .as("weekly once something is found")
        .isEqualTo("2027-05-22");
    assertThat(found.path("checks").valueStream().map(each -> each.path("purpose").asString()))
        .as("one of each")
        .doesNotHaveDuplicates();
  }

  @Test
  void nothingFoundOnAPlantThatIsKeptApartIsALookAtIt() throws Exception {
    var plant = arrive("Oncidium Sluice Rail");
    var ticked = answer(plant, "APART", "AS_HOPED");
    assertThat(ticked.status()).as("%s", ticked.body()).isEqualTo(201);
    var line = ticked.body().path("plant").path("journal").path(0);
    assertThat(line.path("kind").asString()).isEqualTo("INSPECTION");
    assertThat(line.path("looks").path("pests").path("answers").path(0).asString())
        .isEqualTo("NONE");
  }

  private static RunningApplication.Answer answer(JsonNode plant, String purpose, String answer)
      throws Exception {
    return APP.post(
        "/api/plants/%d/checks/%s/answer"
            .formatted(plant.path("id").asLong(), check(plant, purpose).path("id").asString()),
        "{\"answer\":\"%s\"}".formatted(answer));
  }

  @Test
  void whetherToRepotOrToHoldIsAskedUntilItIsDecided() throws Exception {
    var undecided =
        APP.post(
                "/api/plants",
                """
                {"label":"Oncidium Coal Hole","kind":"oncidium","placeId":1,
                 "pottedOn":"2024-05","mix":[{"component":"BARK_FINE","parts":1}],
                 "arrivedOn":"2027-05-15","apart":true}""")
            .body()
            .path("plant");
    assertThat(undecided.path("nowOrHold").path("choice").asString()).isEqualTo("LOOK_FIRST");
    var rootless =
        look(
            undecided,
            "{\"newRoots\":{\"answers\":[\"NONE\"]},\"rootsInPot\":{\"answers\":[\"FIRM\"]}}");
    assertThat(rootless.path("nowOrHold").path("choice").asString()).isEqualTo("HOLD");

    var held = hold(rootless, true);
    assertThat(held.path("nowOrHold").isNull()).isTrue();
    assertThat(check(held, "SOAK").path("early").asString()).isEqualTo("2027-05-15");
    assertThat(held.path("journal").valueStream().map(line -> words(line)))
        .contains("Held in the pot it came in");
    assertThat(check(hold(held, false), "SOAK").isMissingNode()).isTrue();

    var rooting = look(page(rootless), "{\"newRoots\":{\"answers\":[\"NUB\"]}}");
    assertThat(rooting.path("nowOrHold").path("choice").asString())
        .as("%s", rooting.path("slip").path("title"))
        .isEqualTo("REPOT_NOW");
    APP.post(
        "/api/plants/%d/repots".formatted(rooting.path("id").asLong()),
        "{\"on\":\"2027-05-15\",\"mix\":[{\"component\":\"BARK_FINE\",\"parts\":1}]}");
    assertThat(page(rooting).path("nowOrHold").isNull()).as("it was decided").isTrue();
  }

  @Test
  void aRottenNewcomerIsRepottedNowWhateverItsRoots() throws Exception {
    var plant = arrive("Oncidium Broken Lantern");
    var freed = hold(plant, false);
    var rotten =
        look(
            freed,
            "{\"rootsInPot\":{\"answers\":[\"MOSTLY_SOFT\"]},\"newRoots\":{\"answers\":[\"NONE\"]}}");
    assertThat(rotten.path("nowOrHold").path("choice").asString()).isEqualTo("REPOT_NOW");
  }

  @Test
  void nobodyHoldsAPlantThatIsNotThere() throws Exception {
    assertThat(APP.put("/api/plants/4711/hold", "{\"held\":true}").status()).isEqualTo(404);
    assertThat(APP.post("/api/instruments/sensor/4711", "").status()).isEqualTo(404);
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
    assertThat(APP.get("/api/instruments/sensor/1").body().path("days").asInt()).isZero();
    var fetched = APP.post("/api/instruments/sensor/1", "").body();
    assertThat(fetched.path("fresh").asInt()).isBetween(365, 366);
    assertThat(fetched.path("last").asString()).isEqualTo("2027-05-14");
    assertThat(fetched.path("humidity").asDouble()).isBetween(30.0, 90.0);
    var again = APP.post("/api/instruments/sensor/1", "").body();
    assertThat(again.path("fresh").asInt()).as("a day is fetched once").isZero();
    assertThat(again.path("means")).isEqualTo(fetched.path("means"));
    var means = fetched.path("means");
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
    for (var answer :
        List.of(
            APP.get("/api/instruments/pen/1?water=SOAK&seconds=40"),
            APP.post("/api/instruments/sensor/2", ""),
            APP.get("/api/instruments/scale/1"))) {
      assertThat(answer.status()).isEqualTo(503);
      assertThat(answer.body().path("detail").asString()).contains(words);
    }
    assertThat(APP.get("/api/instruments/sensor/2").body().path("days").asInt()).isZero();
    APP.put("/api/instruments", all.replace(condition, "WORKS"));
    assertThat(APP.get("/api/instruments/scale/1").status()).isEqualTo(200);
  }
}
