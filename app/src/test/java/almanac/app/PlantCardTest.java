package almanac.app;

import static almanac.app.start.RunningApplication.plain;
import static almanac.app.start.RunningApplication.words;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What stands outside the journal: names, number, kind, arrival, family. */
class PlantCardTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static JsonNode page(long id) throws Exception {
    return APP.get("/api/plants/" + id).body();
  }

  /** All that can be changed of a plant, as it stands. */
  static ObjectNode entry(JsonNode page) {
    var entry = JsonNodeFactory.instance.objectNode();
    entry.set("version", page.path("version"));
    var card = (ObjectNode) page.path("card").deepCopy();
    for (var shown : new String[] {"statusWords", "mother", "daughters", "asideOn"}) {
      card.remove(shown);
    }
    card.set("motherId", page.path("card").path("mother").path("id"));
    if (card.path("motherId").isMissingNode()) {
      card.putNull("motherId");
    }
    entry.set("card", card);
    entry.set("kind", page.path("kind"));
    entry.set("placeId", page.path("place").path("id"));
    entry.set("aim", page.path("aim"));
    entry.set("approach", page.path("approach"));
    entry.set("arrivedOn", page.path("arrivedOn"));
    entry.set("cameRootless", page.path("cameRootless"));
    entry.set("deviation", page.path("deviation"));
    return entry;
  }

  private static RunningApplication.Answer put(long id, ObjectNode entry) throws Exception {
    return APP.put("/api/plants/" + id, entry.toString());
  }

  private static ObjectNode cardOf(ObjectNode entry) {
    return (ObjectNode) entry.path("card");
  }

  @Test
  void whatIsSentBackUnchangedChangesNothing() throws Exception {
    var before = page(30);
    var after = put(30, entry(before));
    assertThat(after.status()).as("%s", after.body()).isEqualTo(200);
    var same = after.body().path("plant");
    assertThat(same).isEqualTo(before);
    assertThat(after.body().path("act").isNull()).as("there is nothing to take back").isTrue();
  }

  @Test
  void anOldVersionIsNotWrittenOverANewOne() throws Exception {
    var first = entry(page(31));
    var second = first.deepCopy();
    cardOf(first).put("notes", "the first");
    assertThat(put(31, first).status()).isEqualTo(200);
    cardOf(second).put("notes", "the second");
    var refused = put(31, second);
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.body().path("detail").asString()).contains("another window");
    assertThat(page(31).path("card").path("notes").asString()).isEqualTo("the first");
  }

  @Test
  void theNameGoesFromTheLabelToWhatIsBelievedToWhatHasFloweredTrue() throws Exception {
    var label = page(32).path("card").path("label").asString();
    assertThat(page(32).path("name").asString()).isEqualTo(label);
    for (var state : new String[] {"believed", "confirmed"}) {
      var entry = entry(page(32));
      cardOf(entry).put(state, "Cattleya " + state);
      assertThat(put(32, entry).body().path("plant").path("name").asString())
          .isEqualTo("Cattleya " + state);
    }
    assertThat(page(32).path("journal").valueStream().map(line -> words(line)))
        .contains(
            "Believed to be Cattleya believed", "Confirmed on flowering as Cattleya confirmed");
    assertThat(page(32).path("card").path("label").asString())
        .as("letter by letter as it came")
        .isEqualTo(label);
  }

  @Test
  void anotherKindJudgesAtOnce() throws Exception {
    var entry = entry(page(33));
    entry.put("kind", "vanda");
    var after = put(33, entry);
    assertThat(after.body().path("plant").path("kindName").asString()).isEqualTo("Vanda");
    entry = entry(page(33));
    entry.put("kind", "no-such-kind");
    assertThat(put(33, entry).fault("kind")).isPresent();
  }

  @Test
  void aPlantThatIsGoneLeavesTheWalkTheListAndTheChecks() throws Exception {
    var entry = entry(page(34));
    cardOf(entry).put("status", "GIVEN_AWAY").put("statusReason", "to a neighbour");
    assertThat(put(34, entry).status()).isEqualTo(200);
    for (var path : new String[] {"/api/plants", "/api/checks"}) {
      assertThat(
              APP.get(path)
                  .body()
                  .valueStream()
                  .map(each -> each.path(path.endsWith("plants") ? "id" : "plantId").asLong()))
          .as(path)
          .doesNotContain(34L);
    }
    assertThat(page(34).path("card").path("statusReason").asString()).isEqualTo("to a neighbour");
    var back = entry(page(34));
    cardOf(back).put("status", "RECOVERING").put("statusReason", "");
    assertThat(put(34, back).body().path("plant").path("card").path("statusWords").asString())
        .isNotBlank();
  }

  @Test
  void keepingApartAndHoldingByHandBookTheirChecks() throws Exception {
    var entry = entry(page(35));
    cardOf(entry).put("apartSince", "2027-05-10").put("heldSince", "2027-05-12");
    var after = put(35, entry).body().path("plant");
    assertThat(after.path("checks").valueStream().map(check -> check.path("purpose").asString()))
        .contains("APART", "SOAK");
    assertThat(after.path("checks").valueStream().map(check -> check.path("best").asString()))
        .contains("2027-05-13", "2027-05-12");
    var freed = entry(page(35));
    cardOf(freed).putNull("apartSince").putNull("heldSince");
    assertThat(
            put(35, freed)
                .body()
                .path("plant")
                .path("checks")
                .valueStream()
                .map(check -> check.path("purpose").asString()))
        .doesNotContain("APART", "SOAK");
    assertThat(page(35).path("journal").valueStream().map(line -> words(line)))
        .contains(
            "Kept apart from the others since 2027-05-10; Held in the pot it came in since 2027-05-12",
            "No longer kept apart; No longer held in its pot");
  }

  @ParameterizedTest(name = "{0} = {1} is refused as {2}")
  @CsvSource({
    "card/number, '', card.number",
    "card/number, 123456789012345678901, card.number",
    "card/label, ' ', card.label",
    "card/motherId, 36, card.motherId",
    "card/heldSince, 2028-01-01, card.heldSince",
    "card/heldSince, soon, card.heldSince",
    "card/status, ASLEEP, card.status",
    "aim, WIN_PRIZES, aim",
    "arrivedOn, 2027-06-01, arrivedOn",
    "arrivedOn, 2027-05-14, arrivedOn",
    "placeId, 4711, placeId"
  })
  void whatCannotBeIsRefusedByItsFieldAndNothingIsKept(String path, String value, String field)
      throws Exception {
    var before = page(36);
    var entry = entry(before);
    int slash = path.indexOf('/');
    var target = slash < 0 ? entry : cardOf(entry);
    var name = path.substring(slash + 1);
    if (value.matches("\\d{1,9}") && name.endsWith("Id")) {
      target.put(name, Long.parseLong(value));
    } else {
      target.put(name, value);
    }
    var refused = put(36, entry);
    assertThat(refused.status()).as("%s", refused.body()).isEqualTo(400);
    assertThat(refused.fault(field)).as("%s", refused.body()).isPresent();
    assertThat(page(36)).isEqualTo(before);
  }

  @Test
  void aPotSaysWhatItHolds() throws Exception {
    var volume = APP.get("/api/pots/volume?diameterMm=120&depthMm=108");
    assertThat(volume.body().path("holdsMl").asDouble()).isCloseTo(993, within(1.0));
    assertThat(APP.get("/api/pots/volume?diameterMm=5&depthMm=108").fault("pot.diameterMm"))
        .contains("A pot's diameter goes from 20 to 1000 mm.");
    assertThat(APP.get("/api/pots/volume?diameterMm=wide&depthMm=108").status()).isEqualTo(400);
    assertThat(plain(page(20).path("potting").path("potWords")))
        .isEqualTo("clear pot, 120 mm, holds 993 ml");
  }

  private static String onANewPlace(String name) {
    return """
        {"label":"Vanda Swing Bridge","kind":"vanda","pottedOn":"unknown",
         "newPlace":{"name":"%s","lamps":true},"mix":[{"component":"UNKNOWN","parts":1}]}"""
        .formatted(name);
  }

  @Test
  void aPlaceThatIsNotThereYetComesWithItsFirstPlantOrNotAtAll() throws Exception {
    int places = APP.get("/api/places").body().size();
    var added = APP.post("/api/plants", onANewPlace("Boat shed"));
    assertThat(added.status()).isEqualTo(201);
    var page = added.body().path("plant");
    assertThat(page.path("place").path("name").asString()).isEqualTo("Boat shed");
    var all = APP.get("/api/places").body();
    assertThat(all.path(places).path("lampHours").asDouble()).isEqualTo(14);
    assertThat(APP.post("/api/plants", onANewPlace("Boat shed")).fault("newPlace.name"))
        .as("it is there already")
        .isPresent();
    var unknown = onANewPlace("Engine room").replace("\"vanda\"", "\"fern\"");
    assertThat(APP.post("/api/plants", unknown).fault("kind")).isPresent();
    var nowhere = onANewPlace("x").replaceAll("\"newPlace\":\\{[^}]*\\},", "");
    assertThat(APP.post("/api/plants", nowhere).fault("placeId")).isPresent();
    assertThat(APP.get("/api/places").body()).as("nothing half-saved").hasSize(places + 1);
  }

  @Test
  void aLabelProposesAKindByItsGenus() throws Exception {
    var read = APP.get("/api/labels?label=%20vanda%20Blue%20Gate").body();
    assertThat(read.path("genus").path("kind").asString()).isEqualTo("vanda");
    assertThat(APP.get("/api/labels?label=Blue%20Vanda").body().path("genus").isNull()).isTrue();
  }
}
