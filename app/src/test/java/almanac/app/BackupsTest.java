package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Backups while the program runs: taken, brought back, and that undone. */
class BackupsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static long plant;

  @BeforeEach
  void somePlant() throws Exception {
    plant = APP.get("/api/plants").body().path(0).path("id").asLong();
  }

  private static JsonNode take() throws Exception {
    var taken = APP.post("/api/backups", "{}");
    assertThat(taken.status()).as(taken.body().toString()).isEqualTo(201);
    return taken.body();
  }

  private static JsonNode bringBack(JsonNode backup) throws Exception {
    // With the key that the browser sends with everything it writes.
    var brought =
        APP.once(
            "bring-back-" + System.nanoTime(),
            "POST",
            "/api/backups/%s/restore".formatted(backup.path("name").asString()),
            "{}");
    assertThat(brought.status()).as(brought.body().toString()).isEqualTo(200);
    return brought.body();
  }

  private static String everything() throws Exception {
    var all = new StringBuilder();
    for (var path :
        List.of(
            "/api/plants", "/api/places", "/api/stock", "/api/kinds", "/api/site", "/api/gone")) {
      all.append(APP.get(path).body());
    }
    for (long id = plant; id < plant + 8; id++) {
      all.append(APP.get("/api/plants/%d".formatted(id)).body());
    }
    return all.toString();
  }

  private static void change() throws Exception {
    assertThat(APP.put("/api/site", "{\"latitude\":-12}").status()).isEqualTo(200);
    var placed =
        APP.post(
            "/api/places",
            "{\"name\":\"Boat house\",\"kind\":\"SHELF\",\"lampHours\":9,\"means\":null,\"approach\":null}");
    assertThat(placed.status()).isEqualTo(201);
    aside(true);
  }

  private static void aside(boolean aside) throws Exception {
    var written = APP.put("/api/aside", "{\"plants\":[%d],\"aside\":%s}".formatted(plant, aside));
    assertThat(written.status()).as(written.body().toString()).isEqualTo(200);
  }

  @Test
  void whatIsBroughtBackIsAsItWasAndThatCanBeUndone() throws Exception {
    var before = everything();
    var backup = take();
    assertThat(backup.path("plants").asLong()).isEqualTo(APP.get("/api/plants").body().size());
    change();
    var changed = everything();
    assertThat(changed).isNotEqualTo(before);
    var undo = bringBack(backup);
    assertThat(everything()).isEqualTo(before);
    bringBack(undo);
    assertThat(everything()).isEqualTo(changed);
    bringBack(backup);
    assertThat(everything()).isEqualTo(before);
  }

  @Test
  void photographsThatWereRemovedSinceComeBackToo() throws Exception {
    var photographed =
        APP.get("/api/plants")
            .body()
            .valueStream()
            .map(each -> each.path("id").asLong())
            .filter(id -> photos(id).size() > 0)
            .findFirst()
            .orElseThrow();
    var photo = photos(photographed).path(0).path("id").asLong();
    var bytes = APP.text("/api/photos/" + photo);
    var backup = take();
    assertThat(APP.delete("/api/photos/" + photo).status()).isEqualTo(204);
    take();
    bringBack(backup);
    assertThat(APP.text("/api/photos/" + photo)).isEqualTo(bytes);
  }

  private static JsonNode photos(long plant) {
    try {
      return APP.get("/api/plants/%d/photos".formatted(plant)).body();
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void aBackupThatWasHarmedIsRefusedAndTheCollectionStaysAsItWas() throws Exception {
    var backup = take();
    var before = everything();
    var zip = folder().resolve(backup.path("name").asString() + ".zip");
    var bytes = Files.readAllBytes(zip);
    bytes[bytes.length / 2] ^= 1;
    Files.write(zip, bytes);
    var refused =
        APP.post("/api/backups/%s/restore".formatted(backup.path("name").asString()), "{}");
    assertThat(refused.status()).isEqualTo(503);
    assertThat(refused.body().path("detail").asString())
        .contains("the collection is as it was", "not what it was when it was taken");
    assertThat(everything()).isEqualTo(before);
    assertThat(APP.post("/api/backups/2000-01-01T00-00-00/restore", "{}").status()).isEqualTo(404);
  }

  /** Thirteen months of which twelve are kept: what is taken before would push the oldest out. */
  @Test
  void theOldestIsBroughtBackAlthoughTheOneThatIsTakenBeforePushesItOut() throws Exception {
    var name = take().path("name").asString();
    var before = everything();
    var oldest = "";
    for (int month = 1; month <= 12; month++) {
      var day = RunningApplication.TODAY.minusMonths(month).toString();
      oldest = day + name.substring(day.length());
      Files.copy(folder().resolve(name + ".zip"), folder().resolve(oldest + ".zip"));
      var about = Files.readString(folder().resolve(name + ".json"));
      Files.writeString(
          folder().resolve(oldest + ".json"),
          about.replace("\"at\":\"2027-05-15", "\"at\":\"" + day));
    }
    change();
    var brought = APP.post("/api/backups/%s/restore".formatted(oldest), "{}");
    assertThat(brought.status()).as(brought.body().toString()).isEqualTo(200);
    assertThat(everything()).isEqualTo(before);
    assertThat(folder().resolve(oldest + ".zip")).doesNotExist();
  }

  private static Path folder() throws Exception {
    return Path.of(APP.get("/api/backups").body().path("folder").asString());
  }

  @Test
  void whatWasBrokenOffIsNeverOffered() throws Exception {
    take();
    Files.write(folder().resolve("2027-05-15T01-01-01.zip"), new byte[] {1, 2});
    Files.write(folder().resolve("2027-05-15T01-01-02.json"), "{\"at\":".getBytes());
    assertThat(APP.get("/api/backups").body().path("backups").toString())
        .doesNotContain("01-01-01", "01-01-02");
  }

  @Test
  void theyLieAtASecondPlaceTooAndIfThatIsGoneItIsSaid(@TempDir Path disk) throws Exception {
    var second = Files.createDirectory(disk.resolve("second"));
    var named = APP.put("/api/backups/second", "{\"folder\":\"%s\"}".formatted(second)).body();
    assertThat(named.path("secondFolder").asString()).isEqualTo(second.toRealPath().toString());
    var ours = Path.of(named.path("inSecondFolder").asString());
    var taken = take().path("name").asString();
    assertThat(ours.resolve(taken + ".zip"))
        .hasSameBinaryContentAs(folder().resolve(taken + ".zip"));
    try (var files = Files.list(ours.resolve("photographs"))) {
      assertThat(files.count()).isGreaterThan(4);
    }
    Files.move(second, disk.resolve("unplugged"));
    Files.write(second, new byte[0]);
    take();
    assertThat(APP.get("/api/backups/trouble").body().path("backups").asString())
        .contains("could not be copied to " + second);
    assertThat(APP.put("/api/backups/second", "{\"folder\":\"\"}").status()).isEqualTo(200);
    take();
    assertThat(APP.get("/api/backups/trouble").body().path("backups").isNull()).isTrue();
    for (var bad : List.of("here", "/no/such/folder", folder().toString())) {
      var refused = APP.put("/api/backups/second", "{\"folder\":\"%s\"}".formatted(bad));
      assertThat(refused.fault("folder")).as(bad).isPresent();
    }
  }

  @Test
  void aBackupThatIsTakenWhileOthersWriteHoldsWholeActs() throws Exception {
    try (var pool = new Pool(3)) {
      var writing =
          pool.start(
              3,
              () -> {
                for (int i = 0; i < 15; i++) {
                  aside(i % 2 == 0);
                }
                return null;
              });
      for (int i = 0; i < 3; i++) {
        take();
      }
      for (var writer : writing) {
        writer.get();
      }
    }
    var now = everything();
    for (var backup : APP.get("/api/backups").body().path("backups")) {
      assertThat(backup.path("acts").asLong()).isPositive();
    }
    var undo = bringBack(APP.get("/api/backups").body().path("backups").path(0));
    bringBack(undo);
    assertThat(everything()).isEqualTo(now);
  }
}
