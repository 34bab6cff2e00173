package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import almanac.app.start.RunningApplication.Answer;
import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A plant goes to another collection as a file, and is taken in there with its history. */
class PassportsTest {
  @RegisterExtension static final RunningApplication GIVER = RunningApplication.withDemo();
  @RegisterExtension static final RunningApplication TAKER = RunningApplication.empty();

  private static Answer look(byte[] zip) throws Exception {
    return TAKER.send(
        TAKER
            .request("/api/passports")
            .header("Content-Type", "application/zip")
            .POST(HttpRequest.BodyPublishers.ofByteArray(zip))
            .build());
  }

  private static JsonNode taken(byte[] zip) throws Exception {
    var looked = look(zip);
    assertThat(looked.status()).as(looked.body().toString()).isEqualTo(201);
    var places = TAKER.get("/api/places").body();
    if (places.isEmpty()) {
      assertThat(TAKER.post("/api/places", "{\"name\":\"Sill\",\"lampHours\":null}").status())
          .isEqualTo(201);
      places = TAKER.get("/api/places").body();
    }
    var came =
        TAKER.once(
            "take-" + System.nanoTime(),
            "POST",
            "/api/passports/" + looked.body().path("uid").asString(),
            "{\"placeId\":%d}".formatted(places.path(0).path("id").asLong()));
    assertThat(came.status()).as(came.body().toString()).isEqualTo(201);
    return came.body();
  }

  private static long plant(String name) throws Exception {
    return GIVER
        .get("/api/plants")
        .body()
        .valueStream()
        .filter(line -> line.path("name").asString().equals(name))
        .findFirst()
        .orElseThrow()
        .path("id")
        .asLong();
  }

  private static JsonNode page(RunningApplication of, long id) throws Exception {
    return of.get("/api/plants/" + id).body();
  }

  /** What was seen and done, by its day. */
  private static List<String> looksAndPottings(JsonNode page) {
    return page.path("journal")
        .valueStream()
        .filter(line -> line.path("standing").asString().equals("HOLDS"))
        .map(
            line -> line.path("on").asString() + " " + RunningApplication.plain(line.path("words")))
        .filter(
            line ->
                !line.matches(
                    ".*(Moved to|Came |Number|Stands|number|Parted|Divided|pulled|aside).*"))
        .sorted()
        .collect(Collectors.toList());
  }

  @Test
  void itIsTakenInWithItsLooksPottingsAndPicturesAndIsJudgedAlike() throws Exception {
    long id = plant("Brassia Lock Keeper");
    var came = taken(GIVER.bytes("/api/plants/%d/passport".formatted(id)));
    var there = page(GIVER, id);
    var here = page(TAKER, came.path("plant").asLong());

    assertThat(here.path("name").asString()).isEqualTo("Brassia Lock Keeper");
    assertThat(looksAndPottings(here)).isNotEmpty().containsAll(looksAndPottings(there));
    assertThat(here.path("potting")).isEqualTo(there.path("potting"));
    assertThat(here.path("slip").path("verdict")).isEqualTo(there.path("slip").path("verdict"));
    assertThat(here.path("card").path("number")).isNotEqualTo(there.path("card").path("number"));
    assertThat(here.path("card").path("cameFrom").asString())
        .contains(there.path("card").path("number").asString());
    assertThat(
            TAKER.get("/api/plants/%d/photos".formatted(came.path("plant").asLong())).body().size())
        .isEqualTo(GIVER.get("/api/plants/%d/photos".formatted(id)).body().size());
    TAKER.restart();
    assertThat(page(TAKER, came.path("plant").asLong()).path("slip")).isEqualTo(here.path("slip"));
  }

  @Test
  void ofEveryFourthPlantOfTheDemoAPassportIsWrittenAndRead() throws Exception {
    var plants = GIVER.get("/api/plants").body();
    for (int i = 0; i < plants.size(); i += 4) {
      var line = plants.get(i);
      var looked = look(GIVER.bytes("/api/plants/%d/passport".formatted(line.path("id").asLong())));
      assertThat(looked.status()).as(line.path("name") + looked.body().toString()).isEqualTo(201);
      assertThat(line.path("name").asString()).startsWith(looked.body().path("name").asString());
    }
    try (var files = Files.list(GIVER.data())) {
      assertThat(files.map(file -> file.getFileName().toString()))
          .noneMatch(name -> name.startsWith("almanac-leaving"));
    }
  }

  @Test
  void takenInItCanBeTakenBackWhole() throws Exception {
    int before = TAKER.get("/api/plants").body().size();
    var came = taken(GIVER.bytes("/api/plants/%d/passport".formatted(plant("Encyclia Cordwain"))));
    assertThat(TAKER.get("/api/plants").body().size()).isEqualTo(before + 1);
    var back = TAKER.post("/api/acts/withdrawals", "{\"acts\":%s}".formatted(came.path("acts")));
    assertThat(back.status()).as(back.body().toString()).isEqualTo(204);
    assertThat(TAKER.get("/api/plants").body().size()).isEqualTo(before);
  }

  @Test
  void twiceTakenInItIsTwoPlants() throws Exception {
    var zip = GIVER.bytes("/api/plants/%d/passport".formatted(plant("Encyclia Cordwain")));
    assertThat(taken(zip).path("plant")).isNotEqualTo(taken(zip).path("plant"));
  }

  @Test
  void aWholeCollectionIsNoPassportAndNonsenseIsRefused() throws Exception {
    assertThat(look(GIVER.bytes("/api/package")).fault("file").orElseThrow())
        .contains("A whole collection is taken in on the settings page.");
    assertThat(look(new byte[] {1, 2, 3}).fault("file").orElseThrow())
        .isEqualTo("This is no zip file, or it was broken off.");
  }
}
