package almanac.app;

import static almanac.app.start.RunningApplication.plain;
import static almanac.app.start.RunningApplication.words;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.record.collection.Plants;
import almanac.app.start.RunningApplication;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Places, the walk, a plant's card, and a round that is sent in pieces. */
class CollectionTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static List<Long> stops(String query) throws Exception {
    return APP.get("/api/round" + query)
        .body()
        .path("stops")
        .valueStream()
        .map(stop -> stop.path("plantId").asLong())
        .toList();
  }

  private static JsonNode plant(long id) throws Exception {
    return APP.get("/api/plants/" + id).body();
  }

  private static RunningApplication.Answer change(JsonNode plant, String right, String wrong)
      throws Exception {
    return APP.put(
        "/api/plants/" + plant.path("id").asLong(),
        """
        {"version":"%s","card":%s,"kind":"%s","placeId":%d,"aim":"AS_IT_COMES",
         "cameRootless":false,"deviation":{}}"""
            .formatted(
                plant.path("version").asString(),
                RulesTest.card(plant, right, wrong),
                plant.path("kind").asString(),
                plant.path("place").path("id").asLong()));
  }

  @Test
  void aRoundGoesPlaceByPlaceAndAlongEach() throws Exception {
    var place = APP.get("/api/round?place=2").body().path("stops");
    assertThat(place.valueStream().map(stop -> stop.path("placeName").asString()).distinct())
        .containsExactly("Sunroom, high stage");
    var first = stops("?place=2");
    var turned = new java.util.ArrayList<>(first);
    java.util.Collections.reverse(turned);
    assertThat(stand(2, turned)).isEqualTo(200);
    assertThat(stops("?place=2")).isEqualTo(turned);
    assertThat(stand(2, first)).isEqualTo(200);
  }

  private static int stand(long place, List<Long> plants) throws Exception {
    var ids = plants.stream().map(String::valueOf).collect(Collectors.joining(","));
    return APP.put("/api/places/%d/plants".formatted(place), "{\"plants\":[%s]}".formatted(ids))
        .status();
  }

  @Test
  void aPlantStandsElsewhereAndItsHistorySaysSo() throws Exception {
    long id = stops("?place=1").get(0);
    var rest = stops("?place=4");
    assertThat(stand(4, List.of(rest.get(0), id))).isEqualTo(200);
    assertThat(stops("?place=4")).startsWith(rest.get(0), id).hasSize(rest.size() + 1);
    assertThat(plant(id).path("journal").valueStream().map(line -> words(line)))
        .contains("Moved from Sunroom, low stage to Cellar shelf under lights");
    assertThat(stand(4711, List.of(id))).isEqualTo(400);
    stand(1, List.of(id));
  }

  @Test
  void theWalkIsPutInOrderAndAPlaceWithPlantsStays() throws Exception {
    assertThat(APP.put("/api/places", "{\"places\":[4,3,2,1]}").status()).isEqualTo(200);
    assertThat(APP.get("/api/places").body().path(0).path("id").asLong()).isEqualTo(4);
    assertThat(APP.put("/api/places", "{\"places\":[4,3,2]}").fault("places")).isPresent();
    APP.put("/api/places", "{\"places\":[1,2,3,4]}");
    var full = APP.send(APP.request("/api/places/1").DELETE().build());
    assertThat(full.status()).isEqualTo(409);
    assertThat(full.body().path("detail").asString()).contains("Move them first");
    long attic = APP.post("/api/places", "{\"name\":\"Attic\"}").body().path("id").asLong();
    assertThat(APP.send(APP.request("/api/places/" + attic).DELETE().build()).status())
        .isEqualTo(204);
  }

  @Test
  void theSameInspectionSentTwiceIsWrittenOnce() throws Exception {
    var body = "{\"on\":\"2027-05-15\",\"looks\":{\"leaves\":{\"answers\":[\"FIRM\"]}}}";
    var first = APP.once("round-0001", "POST", "/api/plants/2/inspections", body);
    var again = APP.once("round-0001", "POST", "/api/plants/2/inspections", body);
    assertThat(first.status()).isEqualTo(201);
    assertThat(again.status()).isEqualTo(201);
    assertThat(again.body().path("act")).isEqualTo(first.body().path("act"));
    assertThat(again.body().path("plant").path("journal"))
        .isEqualTo(first.body().path("plant").path("journal"));
  }

  @Test
  void plantsArePulledAsideAndARepotPutsThemBack() throws Exception {
    APP.put("/api/aside", "{\"plants\":[5,7],\"aside\":true}");
    assertThat(plant(5).path("card").path("asideOn").asString()).isEqualTo("2027-05-15");
    APP.post(
        "/api/plants/7/repots",
        "{\"on\":\"2027-05-15\",\"mix\":[{\"component\":\"PUMICE\",\"parts\":1}],\"pot\":{\"type\":\"CLEAR\",\"diameterMm\":120,\"topLayer\":\"\"}}");
    assertThat(plant(7).path("card").path("asideOn").isNull()).isTrue();
    assertThat(plain(plant(7).path("potting").path("potWords"))).isEqualTo("clear pot, 120 mm");
    APP.put("/api/aside", "{\"plants\":[5],\"aside\":false}");
    assertThat(plant(5).path("card").path("asideOn").isNull()).isTrue();
  }

  @Test
  void whatIsWrittenOfAPlantThatNobodyHasOpenedStandsInItsJournalOnce() throws Exception {
    APP.bean(Plants.class).forget();
    APP.put("/api/aside", "{\"plants\":[11],\"aside\":true}");
    assertThat(words(plant(11).path("journal").path(0))).isEqualTo("Pulled aside for the bench");
    APP.put("/api/aside", "{\"plants\":[11],\"aside\":false}");
  }

  @Test
  void aCardIsChangedAndTheChangeIsTold() throws Exception {
    var changed = change(plant(9), "\"confirmed\":\"\"", "\"confirmed\":\"Cattleya Tow Line\"");
    assertThat(changed.status()).as("%s", changed.body()).isEqualTo(200);
    assertThat(changed.body().path("plant").path("name").asString()).isEqualTo("Cattleya Tow Line");
    assertThat(words(changed.body().path("plant").path("journal").path(0)))
        .startsWith("Confirmed on flowering as Cattleya Tow Line");
  }

  @Test
  void whatIsGoneIsNoLongerOnTheRoundButKeepsItsPage() throws Exception {
    var before = stops("").size();
    var gone =
        change(
            plant(11),
            "\"status\":\"GROWING\",\"statusReason\":\"\"",
            "\"status\":\"LOST\",\"statusReason\":\"left in the frost\"");
    assertThat(gone.status()).as("%s", gone.body()).isEqualTo(200);
    assertThat(stops("")).hasSize(before - 1).doesNotContain(11L);
    assertThat(plant(11).path("card").path("statusReason").asString())
        .isEqualTo("left in the frost");
  }

  @ParameterizedTest(name = "{1}: {2}")
  @CsvSource(
      delimiter = ';',
      quoteCharacter = '\'',
      value = {
        "\"number\":\"%s\"; \"number\":\"24-002\"; number",
        "\"number\":\"%s\"; \"number\":\"\"; card.number",
        "\"status\":\"GROWING\"; \"status\":\"LOST\"; card.statusReason",
        "\"apartSince\":null; \"apartSince\":\"2030-01-01\"; card.apartSince"
      })
  void aCardThatCannotBeIsRefused(String right, String wrong, String field) throws Exception {
    var plant = plant(3);
    var number = plant.path("card").path("number").asString();
    var refused = change(plant, right.replace("%s", number), wrong);
    assertThat(refused.status()).as("%s", refused.body()).isEqualTo(400);
    assertThat(refused.fault(field)).as("%s", refused.body()).isPresent();
    assertThat(plant(3)).isEqualTo(plant);
  }

  @Test
  void growthsKeepWhatWasSeenOfThem() throws Exception {
    for (var stage : List.of("MATURE", "STARTING")) {
      APP.post(
          "/api/plants/13/inspections",
          "{\"on\":\"2027-05-1%d\",\"looks\":{\"growth\":{\"answers\":[\"%s\"]}}}"
              .formatted(stage.equals("MATURE") ? 3 : 5, stage));
    }
    assertThat(plant(13).path("growths").valueStream().map(each -> each.path("until").isNull()))
        .containsSequence(false, true);
  }
}
