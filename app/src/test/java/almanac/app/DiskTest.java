package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.ground.disk.DatabaseFile;
import almanac.app.start.RunningApplication;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The disk under the collection: gone, exchanged, full of what crashes left. */
class DiskTest {
  private static final String PLACE =
      """
      {"name":"%s","kind":"SHELF","lampHours":null,"approach":null,"means":null}""";

  private static RunningApplication.Answer write(RunningApplication app, String name)
      throws Exception {
    return app.post("/api/places", PLACE.formatted(name));
  }

  @Test
  void whileTheFileIsGoneOrAnotherReadingGoesOnAndSavingIsRefusedBeforeItBegins() throws Exception {
    try (var app = RunningApplication.withDemo()) {
      app.start();
      var file = DatabaseFile.in(app.data()).file();
      var away = app.data().resolve("away");
      Files.move(file, away);
      var refused = write(app, "Lock shelf");
      assertThat(refused.status()).as(refused.body().toString()).isEqualTo(503);
      assertThat(refused.body().path("type").asString()).isEqualTo("/problems/disk");
      assertThat(refused.body().path("detail").asString())
          .contains("is gone", "Nothing was saved.");
      assertThat(app.get("/api/plants").status()).isEqualTo(200);
      assertThat(app.get("/api/health").body().path("status").asString()).isEqualTo("DOWN");
      Files.copy(away, file);
      assertThat(write(app, "Lock shelf").body().path("detail").asString())
          .contains("not the one that was opened");
      Files.delete(file);
      Files.move(away, file);
      assertThat(write(app, "Lock shelf").status()).isEqualTo(201);
      assertThat(app.get("/api/health").body().path("status").asString()).isEqualTo("UP");
    }
  }

  @Test
  void whatACrashLeftAmongThePicturesIsSetAsideAndTheOthersStay() throws Exception {
    try (var app = RunningApplication.withDemo()) {
      app.start();
      var photos = app.data().resolve("photos");
      var before = names(photos);
      assertThat(before).hasSizeGreaterThan(4);
      var lost = "00000000-0000-4000-8000-000000000001";
      for (var name : List.of(lost + ".jpg", lost + "-small.jpg", lost + ".jpg.unfinished")) {
        Files.write(photos.resolve(name), new byte[] {1});
      }
      app.restart();
      assertThat(names(photos.resolve("left-over")))
          .containsExactly(lost + "-small.jpg", lost + ".jpg");
      assertThat(names(photos)).containsAll(before).hasSize(before.size() + 1);
    }
  }

  private static List<String> names(Path folder) throws Exception {
    try (var files = Files.list(folder)) {
      return files.map(file -> file.getFileName().toString()).sorted().toList();
    }
  }

  /** As after many crashes, each of which left what it had begun. */
  private static void bloat(Path data) throws Exception {
    var url = "jdbc:h2:file:" + data.resolve("almanac") + ";WRITE_DELAY=0";
    for (int crash = 0; crash < 10; crash++) {
      try (var connection = DriverManager.getConnection(url, "sa", "");
          var statement = connection.createStatement()) {
        for (int i = 0; i < 60; i++) {
          statement.execute("insert into setting values ('crash', '%d')".formatted(i));
          statement.execute("delete from setting where name = 'crash'");
        }
        statement.execute("shutdown immediately");
      } catch (SQLException closed) {
        assertThat(closed.getErrorCode()).isEqualTo(90121);
      }
    }
  }

  @Test
  void aFileOfWhichMostHoldsNothingIsMadeSmallerAndLosesNothing(@TempDir Path kept)
      throws Exception {
    String before;
    try (var app = RunningApplication.withDemo()) {
      app.start();
      before = app.get("/api/plants").body().toString();
      app.stop();
      Files.copy(DatabaseFile.in(app.data()).file(), DatabaseFile.in(kept).file());
    }
    bloat(kept);
    long bloated = Files.size(DatabaseFile.in(kept).file());
    assertThat(bloated).isGreaterThan(8_000_000);
    try (var app =
        RunningApplication.demoOver(
            data -> Files.copy(DatabaseFile.in(kept).file(), DatabaseFile.in(data).file()))) {
      app.start();
      assertThat(Files.size(DatabaseFile.in(app.data()).file())).isLessThan(bloated / 3);
      assertThat(app.get("/api/plants").body().toString()).isEqualTo(before);
    }
  }
}
