package almanac.app;

import static almanac.app.start.RunningApplication.words;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** The round: who is walked to, in which order, and what each answer would mean. */
class WalkingTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static List<JsonNode> stops(String query) throws Exception {
    return APP.get("/api/round" + query).body().path("stops").valueStream().toList();
  }

  private static Set<Long> ids(List<JsonNode> stops) {
    return stops.stream().map(stop -> stop.path("plantId").asLong()).collect(Collectors.toSet());
  }

  @Test
  void theWholeWalkGoesToEveryPlantOnceAndNeverBackToAPlace() throws Exception {
    var stops = stops("");
    assertThat(ids(stops)).hasSize(stops.size()).hasSize(64);
    var last = comeLast();
    assertThat(last).hasSizeGreaterThan(2);
    assertThat(ids(stops.subList(stops.size() - last.size(), stops.size()))).isEqualTo(last);
    var left = new HashSet<String>();
    var here = "";
    for (var stop : stops.subList(0, stops.size() - last.size())) {
      var place = stop.path("placeName").asString();
      if (!place.equals(here)) {
        assertThat(left.add(place)).as("back to %s", place).isTrue();
        here = place;
      }
    }
  }

  /** Those that are kept apart or treated, and the one with wilt through its rhizome. */
  private static Set<Long> comeLast() throws Exception {
    return APP.get("/api/plants")
        .body()
        .valueStream()
        .filter(
            plant ->
                !plant.path("apartSince").isNull()
                    || plant.path("treated").asBoolean()
                    || plant.path("name").asString().equals("Oncidium Broken Paddle"))
        .map(plant -> plant.path("id").asLong())
        .collect(Collectors.toSet());
  }

  @Test
  void whatIsDueIsWhoeverHasACheckWhoseTimeHasCome() throws Exception {
    var due =
        APP.get("/api/checks")
            .body()
            .valueStream()
            .filter(each -> !each.path("check").path("urgency").asString().equals("LATER"))
            .map(each -> each.path("plantId").asLong())
            .collect(Collectors.toSet());
    assertThat(due).isNotEmpty();
    assertThat(ids(stops("?due=true"))).isEqualTo(due);
    var sill = ids(stops("?place=3"));
    assertThat(ids(stops("?place=3&due=true")))
        .isEqualTo(due.stream().filter(sill::contains).collect(Collectors.toSet()));
  }

  @Test
  void severalPlacesAreWalkedTogetherInTheirOrder() throws Exception {
    var both =
        stops("?place=4&place=1").stream().map(stop -> stop.path("placeId").asLong()).toList();
    assertThat(both.stream().distinct()).containsExactly(1L, 4L);
    assertThat(both).hasSize(stops("?place=1").size() + stops("?place=4").size());
    assertThat(stops("?place=4711")).isEmpty();
    assertThat(APP.get("/api/round?place=low").status()).isEqualTo(400);
  }

  @Test
  void anAnsweredCheckIsNoLongerDue() throws Exception {
    var due =
        APP.get("/api/checks")
            .body()
            .valueStream()
            .filter(each -> each.path("check").path("urgency").asString().equals("DUE"))
            .filter(each -> !each.path("check").path("ticks").isEmpty())
            .findFirst()
            .orElseThrow();
    var path =
        "/api/plants/%d/checks/%s/answer"
            .formatted(due.path("plantId").asLong(), due.path("check").path("id").asString());
    assertThat(APP.post(path, "{\"answer\":\"AS_HOPED\"}").status()).isEqualTo(201);
    assertThat(APP.get("/api/checks").body().valueStream()).isNotEmpty().doesNotContain(due);
    assertThat(APP.post(path, "{\"answer\":\"AS_HOPED\"}").status()).isEqualTo(409);
  }

  @Test
  void theSentenceIsSaidAndTheSlipFollowsWithoutSaving() throws Exception {
    var before = APP.get("/api/plants/6").body();
    var asked =
        APP.post(
                "/api/plants/6/what-if",
                "{\"looks\":{\"rootsInPot\":{\"answers\":[\"FIRM\"]},\"leaves\":{\"answers\":[\"FIRM\"]}},\"figures\":{}}")
            .body();
    assertThat(words(asked)).isEqualTo("Leaves: firm; Roots in the pot: firm");
    assertThat(asked.path("slip").path("verdict"))
        .isNotEqualTo(before.path("slip").path("verdict"));
    assertThat(asked.path("changes")).isNotEmpty();
    assertThat(APP.get("/api/plants/6").body()).isEqualTo(before);
  }

  @Test
  void theShortLookIsPartOfWhatCanBeLookedAt() throws Exception {
    var choices = APP.get("/api/choices").body();
    var known =
        choices.path("looks").valueStream().map(look -> look.path("item").asString()).toList();
    var items =
        APP.get("/api/round").body().path("items").valueStream().map(JsonNode::asString).toList();
    assertThat(items).hasSizeBetween(6, 12).doesNotHaveDuplicates().isSubsetOf(known);
    assertThat(choices.path("firstLook").valueStream().map(JsonNode::asString))
        .isSubsetOf(known)
        .contains("pests", "newRoots");
  }

  @Test
  void pullingAsideAsksForPlantsThatAreThere() throws Exception {
    assertThat(APP.put("/api/aside", "{\"plants\":[],\"aside\":true}").fault("plants")).isPresent();
    assertThat(APP.put("/api/aside", "{\"plants\":[2,4711],\"aside\":true}").status())
        .isEqualTo(404);
    assertThat(APP.get("/api/plants/2").body().path("card").path("asideOn").isNull())
        .as("all or none")
        .isTrue();
  }
}
