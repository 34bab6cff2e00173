package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import almanac.app.start.RunningApplication.Answer;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Every write that carries a key happens once, however often and by however many it is sent. */
class WrittenOnceTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static JsonNode page(int plant) throws Exception {
    return APP.get("/api/plants/" + plant).body();
  }

  private static String card(int plant) throws Exception {
    var page = page(plant);
    return """
        {"version":"%s","card":{"number":"%s","label":"Told once","believed":"","confirmed":"",
         "parents":"","status":"GROWING","statusReason":"","notes":"","cameFrom":"","price":""},
         "kind":"%s","placeId":%d,"aim":"AS_IT_COMES","cameRootless":false,"deviation":{}}"""
        .formatted(
            page.path("version").asString(),
            page.path("card").path("number").asString(),
            page.path("kind").asString(),
            page.path("place").path("id").asInt());
  }

  static Stream<Arguments> writes() throws Exception {
    var look = "{\"on\":\"2027-05-15\",\"looks\":{\"leaves\":{\"answers\":[\"FIRM\"]}}}";
    return Stream.of(
        Arguments.of("POST", "/api/plants/5/inspections", look),
        Arguments.of(
            "POST",
            "/api/plants/5/repots",
            "{\"on\":\"2027-05-15\",\"mix\":[{\"component\":\"PUMICE\",\"parts\":1}]}"),
        Arguments.of(
            "POST",
            "/api/plants",
            """
            {"label":"Vanda Told Once","kind":"vanda","placeId":1,"pottedOn":"2026",
             "mix":[{"component":"PUMICE","parts":1}]}"""),
        Arguments.of("PUT", "/api/plants/6", card(6)),
        Arguments.of("PUT", "/api/plants/7/hold", "{\"held\":true}"),
        Arguments.of("PUT", "/api/aside", "{\"plants\":[7],\"aside\":true}"),
        Arguments.of("PUT", "/api/places/1/plants", "{\"plants\":[8]}"),
        Arguments.of("POST", "/api/places", "{\"name\":\"Told once\"}"),
        Arguments.of("PUT", "/api/site", "{\"latitude\":55}"),
        Arguments.of("PUT", "/api/rules", "{\"values\":{\"medium.q10\":2.2}}"));
  }

  @ParameterizedTest
  @MethodSource("writes")
  void theSameSentTwiceIsWrittenOnceAndAnsweredAlike(String method, String path, String json)
      throws Exception {
    var key = "twice-" + Integer.toHexString((method + path).hashCode());
    var first = APP.once(key, method, path, json);
    assertThat(first.status()).as("%s", first.body()).isBetween(200, 299);
    var after = everything();
    var second = APP.once(key, method, path, json);
    assertThat(second.status()).isEqualTo(first.status());
    assertThat(second.body()).isEqualTo(first.body());
    assertThat(everything()).isEqualTo(after);
  }

  private static List<JsonNode> everything() throws Exception {
    var all = new ArrayList<JsonNode>();
    for (int plant = 5; plant <= 8; plant++) {
      all.add(page(plant));
    }
    all.add(APP.get("/api/plants").body());
    all.add(APP.get("/api/places").body());
    return all;
  }

  @Test
  void manyWindowsSendingTheSameRepotPotItOnce() throws Exception {
    int lines = page(9).path("journal").size();
    try (var windows = new Pool(6)) {
      var answers = new ArrayList<JsonNode>();
      for (var each :
          windows.start(
              12,
              () ->
                  APP.once(
                      "one-repot-from-many",
                      "POST",
                      "/api/plants/9/repots",
                      "{\"on\":\"2027-05-14\",\"mix\":[{\"component\":\"LAVA\",\"parts\":1}]}"))) {
        answers.add(each.get().body());
      }
      assertThat(answers.stream().distinct()).hasSize(1);
    }
    assertThat(page(9).path("journal")).hasSize(lines + 1);
  }

  @Test
  void aKeyIsNotUsedForSomethingElse() throws Exception {
    APP.once("hold-ten-please", "PUT", "/api/plants/10/hold", "{\"held\":true}");
    var other = APP.once("hold-ten-please", "PUT", "/api/plants/10/hold", "{\"held\":false}");
    assertThat(other.status()).isEqualTo(409);
    assertThat(page(10).path("card").path("heldSince").isNull()).isFalse();
    var elsewhere = APP.once("hold-ten-please", "PUT", "/api/plants/11/hold", "{\"held\":true}");
    assertThat(elsewhere.status()).isEqualTo(409);
    assertThat(page(11).path("card").path("heldSince").isNull()).isTrue();
  }

  @Test
  void whatWasRefusedMayBeSentAgainUnderItsKey() throws Exception {
    var path = "/api/plants/12/inspections";
    var wrong = "{\"on\":\"2027-05-16\",\"looks\":{\"leaves\":{\"answers\":[\"FIRM\"]}}}";
    assertThat(APP.once("wrong-day-first", "POST", path, wrong).status()).isEqualTo(400);
    assertThat(APP.once("wrong-day-first", "POST", path, wrong.replace("05-16", "05-15")).status())
        .isEqualTo(201);
    assertThat(APP.once("short", "POST", path, wrong).fault("Idempotency-Key")).isPresent();
  }

  @Test
  void anAnswerThatIsLongPastIsNotGivenAgainButNeitherIsItWrittenAgain() throws Exception {
    var path = "/api/plants/13/hold";
    assertThat(APP.once("the-first-of-many", "PUT", path, "{\"held\":true}").status())
        .isEqualTo(200);
    for (int i = 0; i < 201; i++) {
      APP.once("filler-key-" + i, "PUT", "/api/site", "{\"latitude\":56}");
    }
    APP.put(path, "{\"held\":false}");
    assertThat(APP.once("the-first-of-many", "PUT", path, "{\"held\":true}").status())
        .isEqualTo(409);
    assertThat(page(13).path("card").path("heldSince").isNull()).isTrue();
  }

  private static Answer photo(String key) throws Exception {
    var picture = new java.io.ByteArrayOutputStream();
    javax.imageio.ImageIO.write(
        new java.awt.image.BufferedImage(40, 30, java.awt.image.BufferedImage.TYPE_INT_RGB),
        "png",
        picture);
    var body = new java.io.ByteArrayOutputStream();
    body.write(
        "--cut\r\nContent-Disposition: form-data; name=\"photo\"; filename=\"a.png\"\r\n\r\n"
            .getBytes(StandardCharsets.UTF_8));
    body.write(picture.toByteArray());
    body.write("\r\n--cut--\r\n".getBytes(StandardCharsets.UTF_8));
    return APP.send(
        APP.request("/api/plants/14/photos")
            .header("Content-Type", "multipart/form-data; boundary=cut")
            .header("Idempotency-Key", key)
            .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray()))
            .build());
  }

  @Test
  void aPhotographSentByManyIsKeptOnce() throws Exception {
    int before = APP.get("/api/plants/14/photos").body().size();
    try (var windows = new Pool(4)) {
      var ids = new ArrayList<Long>();
      for (var each : windows.start(6, () -> photo("a-picture-of-fourteen"))) {
        assertThat(each.get().status()).as("%s", each.get().body()).isEqualTo(201);
        ids.add(each.get().body().path("id").asLong());
      }
      assertThat(ids.stream().distinct()).hasSize(1);
    }
    assertThat(APP.get("/api/plants/14/photos").body()).hasSize(before + 1);
  }

  @Test
  void plantsAddedAtTheSameMomentAllGetANumber() throws Exception {
    try (var windows = new Pool(8)) {
      var numbers = new ArrayList<String>();
      for (var each :
          windows.start(
              16,
              () ->
                  APP.post(
                      "/api/plants",
                      """
                      {"label":"Vanda Crowd","kind":"vanda","placeId":1,"pottedOn":"2026",
                       "mix":[{"component":"PUMICE","parts":1}]}"""))) {
        assertThat(each.get().status()).as("%s", each.get().body()).isEqualTo(201);
        numbers.add(each.get().body().path("plant").path("card").path("number").asString());
      }
      assertThat(numbers).doesNotHaveDuplicates().hasSize(16);
    }
  }

  @ParameterizedTest
  @MethodSource("changesOfAPlant")
  void anOldWindowDoesNotUndoWhatAnotherHasChanged(String method, String path, String json)
      throws Exception {
    int plant = 15;
    var old = card(plant);
    var changed = APP.once("changes-" + path.hashCode() + json.hashCode(), method, path, json);
    assertThat(changed.status()).as("%s", changed.body()).isBetween(200, 299);
    var now = page(plant);
    var late = APP.put("/api/plants/" + plant, old);
    assertThat(late.status()).as("%s %s", path, json).isEqualTo(409);
    assertThat(page(plant)).isEqualTo(now);
  }

  static Stream<Arguments> changesOfAPlant() {
    return Stream.of(
        Arguments.of("PUT", "/api/plants/15/hold", "{\"held\":true}"),
        Arguments.of("PUT", "/api/aside", "{\"plants\":[15],\"aside\":true}"),
        Arguments.of("PUT", "/api/places/4/plants", "{\"plants\":[15]}"),
        Arguments.of("PUT", "/api/places/2/plants", "{\"plants\":[15]}"),
        Arguments.of(
            "POST",
            "/api/plants/15/repots",
            "{\"on\":\"2027-05-15\",\"mix\":[{\"component\":\"PUMICE\",\"parts\":1}]}"));
  }

  @Test
  void aPlantThatWasSetAsideTwiceChangedOnce() throws Exception {
    var aside = "{\"plants\":[16],\"aside\":true}";
    APP.put("/api/aside", aside);
    var version = page(16).path("version").asString();
    APP.put("/api/aside", aside);
    assertThat(page(16).path("version").asString()).isEqualTo(version);
    assertThat(version).isNotEmpty();
  }
}
