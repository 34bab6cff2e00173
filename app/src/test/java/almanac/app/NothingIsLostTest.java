package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Corrections, undo of undo, what nobody knows, and plants that are gone. */
class NothingIsLostTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static JsonNode page(long plant) throws Exception {
    return APP.get("/api/plants/" + plant).body();
  }

  private static JsonNode written(String path, String json) throws Exception {
    var answer = APP.post(path, json);
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(201);
    return answer.body();
  }

  private static JsonNode look(long plant, String answer, String more) throws Exception {
    return written(
        "/api/plants/%d/inspections".formatted(plant),
        "{\"on\":\"2027-05-15\",\"looks\":{\"rootsInPot\":{\"answers\":[\"%s\"]}}%s}"
            .formatted(answer, more));
  }

  private static JsonNode takeBack(JsonNode saved) throws Exception {
    return written("/api/acts/%s/withdrawal".formatted(saved.path("act").asString()), "");
  }

  private static JsonNode repot(long plant, String on, String component, String more)
      throws Exception {
    return written(
        "/api/plants/%d/repots".formatted(plant),
        "{\"on\":\"%s\",\"mix\":[{\"component\":\"%s\",\"parts\":1}]%s}"
            .formatted(on, component, more));
  }

  private static String corrects(JsonNode saved) {
    return ",\"corrects\":\"%s\"".formatted(saved.path("act").asString());
  }

  @Test
  void takingBackCanItselfBeTakenBackAsOftenAsOneLikes() throws Exception {
    var before = page(20);
    var soft = look(20, "MOSTLY_SOFT", "");
    var after = page(20);
    var struck = takeBack(soft);
    assertThat(page(20).path("slip")).isEqualTo(before.path("slip"));
    var back = takeBack(struck);
    assertThat(page(20)).isEqualTo(after);
    var again = takeBack(back);
    assertThat(page(20).path("slip")).isEqualTo(before.path("slip"));
    takeBack(again);
    assertThat(page(20)).isEqualTo(after);
  }

  @Test
  void aCorrectionTakenBackPutsTheFirstLineBack() throws Exception {
    var soft = look(21, "MOSTLY_SOFT", "");
    var after = page(21);
    var firm = look(21, "FIRM", corrects(soft));
    takeBack(firm);
    assertThat(page(21).path("slip")).isEqualTo(after.path("slip"));
    assertThat(page(21).path("checks")).isEqualTo(after.path("checks"));
    var mixed = look(21, "MIXED", corrects(soft));
    assertThat(mixed.path("plant").path("journal").path(0).path("standing").asString())
        .as("it can be corrected anew")
        .isEqualTo("HOLDS");
  }

  @Test
  void whatWasCorrectedOtherwiseMeanwhileIsNotPutBackBesideIt() throws Exception {
    var soft = look(28, "MOSTLY_SOFT", "");
    var struck = takeBack(look(28, "FIRM", corrects(soft)));
    look(28, "MIXED", corrects(soft));
    var undone = APP.post("/api/acts/%s/withdrawal".formatted(struck.path("act").asString()), "");
    assertThat(undone.status()).isEqualTo(409);
    assertThat(undone.body().path("detail").asString()).contains("corrected otherwise");
  }

  @Test
  void ofACorrectionOfACorrectionOnlyTheLastCounts() throws Exception {
    var first = look(29, "MOSTLY_SOFT", "");
    var second = look(29, "MIXED", corrects(first));
    var third = look(29, "FIRM", corrects(second)).path("plant");
    assertThat(third.path("journal").valueStream().limit(3).map(l -> l.path("standing").asString()))
        .containsExactly("HOLDS", "CORRECTED", "CORRECTED");
    assertThat(third.path("slip").path("verdict").asString()).isNotEqualTo("RESCUE");
  }

  @Test
  void aRepotIsCorrectedAsALookIs() throws Exception {
    var moved = repot(22, "2027-05-08", "PUMICE", "");
    var check = moved.path("plant").path("checks").path(0).path("id").asString();
    written("/api/plants/22/checks/%s/answer".formatted(check), "{\"answer\":\"AS_HOPED\"}");
    var right = repot(22, "2027-05-07", "LAVA", corrects(moved)).path("plant");
    assertThat(right.path("potting").path("mixWords").asString()).isEqualTo("lava");
    assertThat(right.path("potting").path("pottedOn").asString()).isEqualTo("2027-05-07");
    assertThat(right.path("checks").path(0).path("purpose").asString())
        .as("what was answered stays answered")
        .isEqualTo("ROOT_TIPS");
    assertThat(
            right
                .path("journal")
                .valueStream()
                .filter(line -> line.path("kind").asString().equals("POTTING"))
                .map(line -> line.path("standing").asString()))
        .contains("CORRECTED");
    assertThat(
            APP.post(
                    "/api/plants/22/repots",
                    "{\"on\":\"2027-05-07\",\"mix\":[{\"component\":\"LAVA\",\"parts\":1}]%s}"
                        .formatted(corrects(moved)))
                .status())
        .as("the same mistake is not corrected twice")
        .isEqualTo(409);
  }

  @Test
  void whatAPlantCameInCanBeCorrectedAndStaysWhatItCameIn() throws Exception {
    var first =
        page(23)
            .path("journal")
            .valueStream()
            .filter(line -> line.path("kind").asString().equals("POTTING"))
            .reduce((newer, older) -> older)
            .orElseThrow();
    var corrects = corrects(first);
    var right = repot(23, "2027-05-15", "TREE_FERN", corrects + ",\"pottedOn\":\"2023\"");
    var lines = right.path("plant").path("journal").valueStream().toList();
    assertThat(lines)
        .filteredOn(line -> line.path("corrects").equals(first.path("act")))
        .singleElement()
        .satisfies(
            line -> {
              assertThat(RunningApplication.words(line)).startsWith("Came in tree fern");
              assertThat(line.path("pottedOn").asString()).isEqualTo("2023");
              assertThat(line.path("on")).isEqualTo(first.path("on"));
            });
    var elsewhere =
        APP.post(
            "/api/plants/23/repots",
            "{\"on\":\"2027-05-15\",\"mix\":[{\"component\":\"LAVA\",\"parts\":1}],\"pottedOn\":\"2020\"}");
    assertThat(elsewhere.fault("pottedOn")).isPresent();
  }

  @Test
  void aCorrectedRepotStaysBetweenItsNeighbours() throws Exception {
    var early = repot(24, "2027-05-02", "PUMICE", "");
    repot(24, "2027-05-10", "LAVA", "");
    var late =
        APP.post(
            "/api/plants/24/repots",
            "{\"on\":\"2027-05-12\",\"mix\":[{\"component\":\"LAVA\",\"parts\":1}]%s}"
                .formatted(corrects(early)));
    assertThat(late.fault("on"))
        .hasValueSatisfying(said -> assertThat(said).contains("after its next potting"));
  }

  @Test
  void anUnknownMediumOfUnknownAgeIsUnknown() throws Exception {
    var plant =
        written(
                "/api/plants",
                """
                {"label":"Oncidium Found Object","kind":"oncidium","placeId":1,
                 "pottedOn":"unknown","mix":[{"component":"UNKNOWN","parts":1}]}""")
            .path("plant");
    var medium = plant.path("slip").path("medium");
    assertThat(medium.path("state").asString()).isEqualTo("unknown");
    assertThat(medium.path("usedMost").isNull()).isTrue();
    assertThat(plant.path("potting").path("mixWords").asString()).isEqualTo("unknown medium");
    assertThat(plant.path("slip").toString()).doesNotContain("fresh").doesNotContain("0 % used");
    var bark =
        written(
                "/api/plants",
                """
                {"label":"Oncidium Lost Label","kind":"oncidium","placeId":1,
                 "pottedOn":"unknown","mix":[{"component":"BARK_FINE","parts":1}]}""")
            .path("plant");
    assertThat(bark.path("slip").path("medium").path("state").asString()).isEqualTo("unknown");
    assertThat(bark.path("slip").toString()).doesNotContain("fresh").doesNotContain("0 % used");
  }

  @ParameterizedTest
  @CsvSource({"26-001a-x, 27-", "27-2147483647, 27-", "27-x, 27-", "27-, 27-", "27-0999999, 27-"})
  void aNumberOfTheCollectorsOwnStopsNobody(String own, String year) throws Exception {
    var page = page(25);
    var card = page.path("card");
    var kept =
        APP.put(
            "/api/plants/25",
            """
            {"version":"%s","card":{"number":"%s","label":"%s","believed":"","confirmed":"",
             "parents":"","status":"GROWING","statusReason":"","notes":"","cameFrom":"","price":""},
             "kind":"%s","placeId":%d,"aim":"AS_IT_COMES","cameRootless":false,"deviation":{}}"""
                .formatted(
                    page.path("version").asString(),
                    own,
                    card.path("label").asString(),
                    page.path("kind").asString(),
                    page.path("place").path("id").asInt()));
    assertThat(kept.status()).as("%s", kept.body()).isEqualTo(200);
    for (int i = 0; i < 2; i++) {
      var added =
          written(
              "/api/plants",
              """
              {"label":"Vanda Next","kind":"vanda","placeId":1,"pottedOn":"2026",
               "mix":[{"component":"PUMICE","parts":1}]}""");
      assertThat(added.path("plant").path("card").path("number").asString())
          .matches(year + "\\d{3,6}");
    }
  }

  @Test
  void figuresThatBelongTogetherAreRefusedOneByOneAndKeptTogether() throws Exception {
    var alone = APP.put("/api/rules", "{\"values\":{\"check.stands-early\":20}}");
    assertThat(alone.status()).isEqualTo(400);
    assertThat(alone.fault("check.stands-early")).isPresent();
    var both =
        APP.put("/api/rules", "{\"values\":{\"check.stands-early\":20,\"check.stands-late\":30}}");
    assertThat(both.status()).as("%s", both.body()).isEqualTo(200);
    var moved = repot(26, "2027-05-15", "PUMICE", "").path("plant");
    assertThat(moved.path("checks").path(0).path("early").asString()).isEqualTo("2027-06-04");
    var half = APP.put("/api/rules", "{\"values\":{\"check.stands-late\":null}}");
    assertThat(half.fault("check.stands-late")).as("nor taken back one by one").isPresent();
    APP.put("/api/rules", "{\"values\":{\"check.stands-early\":null,\"check.stands-late\":null}}");
  }

  @Test
  void aPlantThatIsGoneIsFoundAndNoLongerJudged() throws Exception {
    var page = page(27);
    var card = page.path("card");
    var gone =
        APP.put(
            "/api/plants/27",
            """
            {"version":"%s","card":{"number":"%s","label":"%s","believed":"","confirmed":"",
             "parents":"","status":"GIVEN_AWAY","statusReason":"to the ferryman","notes":"",
             "cameFrom":"","price":""},
             "kind":"%s","placeId":%d,"aim":"AS_IT_COMES","cameRootless":false,"deviation":{}}"""
                .formatted(
                    page.path("version").asString(),
                    card.path("number").asString(),
                    card.path("label").asString(),
                    page.path("kind").asString(),
                    page.path("place").path("id").asInt()));
    assertThat(gone.status()).as("%s", gone.body()).isEqualTo(200);
    assertThat(gone.body().path("plant").path("slip").isNull()).isTrue();
    assertThat(gone.body().path("plant").path("checks")).isEmpty();
    assertThat(APP.get("/api/plants").body().valueStream().map(each -> each.path("id").asLong()))
        .doesNotContain(27L);
    assertThat(APP.get("/api/plants/gone").body().valueStream())
        .anySatisfy(
            each -> {
              assertThat(each.path("id").asLong()).isEqualTo(27);
              assertThat(each.path("reason").asString()).isEqualTo("to the ferryman");
            });
    assertThat(APP.get("/api/checks").body().valueStream().map(due -> due.path("plantId").asLong()))
        .doesNotContain(27L);
  }
}
