package almanac.app;

import static almanac.app.start.RunningApplication.words;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A plant's journal over HTTP: written, judged, corrected, taken back. */
class JournalKeptTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.empty();

  private static JsonNode plant(String label) throws Exception {
    var place = APP.post("/api/places", "{\"name\":\"%s\"}".formatted(label));
    assertThat(place.status()).isEqualTo(201);
    var added =
        APP.post(
            "/api/plants",
            """
            {"label":"%s","kind":"oncidium","placeId":%d,"pottedOn":"2025-01",
             "mix":[{"component":"BARK_MEDIUM","parts":3},{"component":"PERLITE","parts":1}],
             "moisture":"DRIES_BETWEEN"}"""
                .formatted(label, place.body().path("id").asLong()));
    assertThat(added.status()).as("%s", added.body()).isEqualTo(201);
    return added.body().path("plant");
  }

  private static RunningApplication.Answer inspect(JsonNode plant, String looks, String more)
      throws Exception {
    return APP.post(
        "/api/plants/%d/inspections".formatted(plant.path("id").asLong()),
        "{\"on\":\"2027-05-15\",\"looks\":%s%s}".formatted(looks, more));
  }

  private static RunningApplication.Answer repot(JsonNode plant, String on) throws Exception {
    return APP.post(
        "/api/plants/%d/repots".formatted(plant.path("id").asLong()),
        "{\"on\":\"%s\",\"mix\":[{\"component\":\"PUMICE\",\"parts\":1}]}".formatted(on));
  }

  private static String verdict(JsonNode plant) {
    return plant.path("slip").path("verdict").asString();
  }

  private static String purpose(JsonNode plant) {
    return plant.path("checks").path(0).path("purpose").asString();
  }

  @Test
  void fromTheFirstLookToTheFollowUp() throws Exception {
    var plant = plant("Oncidium Lock Gate");
    assertThat(plant.path("card").path("number").asString()).matches("27-\\d{3}");
    assertThat(purpose(plant)).isEqualTo("FIRST_LOOK");

    var seen =
        inspect(
            plant,
            "{\"newRoots\":{\"answers\":[],\"measured\":8},\"bloom\":{\"answers\":[\"NONE\"]}}",
            "");
    assertThat(seen.status()).isEqualTo(201);
    assertThat(verdict(seen.body().path("plant"))).isEqualTo("FULL_REPOT");
    assertThat(seen.body().path("plant").path("slip").path("notLookedAt").toString())
        .contains("stability", "rootsInPot", "mediumPiece")
        .doesNotContain("bloom", "newRoots");

    var moved = repot(plant, "2027-05-15").body().path("plant");
    assertThat(moved.path("potting").path("pottedOn").asString()).isEqualTo("2027-05-15");
    assertThat(verdict(moved)).isEqualTo("LEAVE");
    assertThat(moved.path("slip").path("medium").isNull()).as("pumice has no clock").isTrue();
    assertThat(purpose(moved)).isEqualTo("STANDS");

    var check =
        "/api/plants/%d/checks/%s/answer"
            .formatted(
                moved.path("id").asLong(), moved.path("checks").path(0).path("id").asString());
    var ticked = APP.post(check, "{\"answer\":\"AS_HOPED\"}");
    assertThat(purpose(ticked.body().path("plant"))).isEqualTo("ROOT_TIPS");
    var again = APP.post(check, "{\"answer\":\"AS_HOPED\"}");
    assertThat(again.status()).isEqualTo(409);
  }

  @Test
  void aCorrectionTakesThePlaceOfAMistakeAndKeepsIt() throws Exception {
    var plant = plant("Oncidium Mooring Ring");
    var wrong = inspect(plant, "{\"rootsInPot\":{\"answers\":[\"MOSTLY_SOFT\"]}}", "").body();
    assertThat(verdict(wrong.path("plant"))).isEqualTo("RESCUE");

    var correction = ",\"corrects\":\"%s\"".formatted(wrong.path("act").asString());
    var right = inspect(plant, "{\"rootsInPot\":{\"answers\":[\"FIRM\"]}}", correction);
    assertThat(verdict(right.body().path("plant"))).isNotEqualTo("RESCUE");
    var journal = right.body().path("plant").path("journal");
    assertThat(journal.valueStream().map(line -> line.path("standing").asString()))
        .containsExactly("HOLDS", "CORRECTED", "HOLDS");
    assertThat(words(journal.path(1))).contains("mostly soft");

    assertThat(inspect(plant, "{\"rootsInPot\":{\"answers\":[\"MIXED\"]}}", correction).status())
        .as("the same mistake is not corrected twice")
        .isEqualTo(409);
  }

  @Test
  void aRepotTakenBackLeavesEverythingAsItWas() throws Exception {
    var plant = plant("Oncidium Paddle Gear");
    var before =
        inspect(plant, "{\"newRoots\":{\"answers\":[],\"measured\":8}}", "").body().path("plant");
    var moved = repot(plant, "2027-05-10").body();
    var undone = APP.post("/api/acts/%s/withdrawal".formatted(moved.path("act").asString()), "");
    assertThat(undone.status()).isEqualTo(201);
    assertThat(undone.body().path("plant").path("slip")).isEqualTo(before.path("slip"));
    assertThat(undone.body().path("plant").path("checks")).isEqualTo(before.path("checks"));
    assertThat(undone.body().path("plant").path("journal")).hasSize(3);
    assertThat(
            APP.post("/api/acts/%s/withdrawal".formatted(moved.path("act").asString()), "")
                .status())
        .isEqualTo(409);
  }

  @Test
  void whatAPlantCameInCannotBeTakenBackOnceItWasWrittenOf() throws Exception {
    var plant = plant("Oncidium Weir Plank");
    var first = plant.path("journal").path(0).path("act").asString();
    inspect(plant, "{\"leaves\":{\"answers\":[\"FIRM\"]}}", "");
    assertThat(APP.post("/api/acts/%s/withdrawal".formatted(first), "").status()).isEqualTo(409);
  }

  @Test
  void aRepotBeforeThePresentPottingIsRefused() throws Exception {
    var refused = repot(plant("Oncidium Gauge Board"), "2024-12-31");
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.fault("on"))
        .hasValueSatisfying(said -> assertThat(said).contains("2025-01"));
  }

  @Test
  void twoWindowsTickingTheSameCheckBookOneFollowUp() throws Exception {
    var plant = repot(plant("Oncidium Balance Beam"), "2027-05-08").body().path("plant");
    var path =
        "/api/plants/%d/checks/%s/answer"
            .formatted(
                plant.path("id").asLong(), plant.path("checks").path(0).path("id").asString());
    var both =
        java.util.stream.Stream.of("AS_HOPED", "CANNOT_TELL")
            .map(answer -> CompletableFuture.supplyAsync(() -> tick(path, answer)))
            .toList();
    assertThat(both.stream().map(CompletableFuture::join)).containsExactlyInAnyOrder(201, 409);
    var after = APP.get("/api/plants/%d".formatted(plant.path("id").asLong())).body();
    assertThat(after.path("checks")).hasSize(1);
    assertThat(after.path("journal")).hasSize(3);
  }

  private static int tick(String path, String answer) {
    try {
      return APP.post(path, "{\"answer\":\"%s\"}".formatted(answer)).status();
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }
}
