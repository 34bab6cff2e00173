package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import almanac.app.start.commands.Commands;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * What somebody else has laid beside the collection or its backups is theirs, whatever its name.
 */
class OthersFilesTest {
  private static final Instant LONG_AGO = Instant.now().minus(Duration.ofDays(400));

  private static void lay(Path folder, String... names) throws Exception {
    for (var name : names) {
      var file = folder.resolve(name);
      Files.createDirectories(file.getParent());
      Files.writeString(file, "of somebody else: " + name);
      Files.setLastModifiedTime(file, FileTime.from(LONG_AGO));
    }
  }

  /** All files below a folder, with what is in them. */
  private static Map<String, String> files(Path folder) throws Exception {
    var all = new TreeMap<String, String>();
    try (var files = Files.walk(folder)) {
      for (var file : files.filter(Files::isRegularFile).toList()) {
        var text = Files.readAllBytes(file);
        if (new String(text).startsWith("of somebody else")) {
          all.put(folder.relativize(file).toString(), new String(text));
        }
      }
    }
    return all;
  }

  private static void takeABackup(RunningApplication app) throws Exception {
    assertThat(app.post("/api/backups", "{}").status()).isEqualTo(201);
  }

  private static Path secondPlace(RunningApplication app, Path folder) throws Exception {
    var named = app.put("/api/backups/second", "{\"folder\":\"%s\"}".formatted(folder));
    assertThat(named.status()).as("%s", named.body()).isEqualTo(200);
    return Path.of(named.body().path("inSecondFolder").asString());
  }

  @Test
  void atTheSecondPlace(@TempDir Path disk) throws Exception {
    lay(
        disk,
        "photographs/holiday.jpg",
        "photographs/0b9f8ac0-0c53-4fcb-8a84-5b6d5d3b1d1b.jpg",
        "proofs/contract.pdf",
        "proof1/almanac.mv.db",
        "letter.unfinished",
        "2027-05-15T01-01-01.zip",
        "2027-05-15T01-01-01.zip.unfinished");
    var before = files(disk);
    try (var app = RunningApplication.withDemo();
        var other = RunningApplication.withDemo()) {
      app.start();
      other.start();
      var ours = secondPlace(app, disk);
      var others = secondPlace(other, disk);
      assertThat(ours).isNotEqualTo(others).hasParent(disk.toRealPath());
      lay(ours, "photographs/mine.jpg", "proofs/mine.txt", "mine.unfinished");
      for (int i = 0; i < 2; i++) {
        takeABackup(app);
        takeABackup(other);
      }
      var zips = ours.toFile().list((folder, name) -> name.endsWith(".zip"));
      assertThat(zips).hasSize(2);
      assertThat(others.toFile().list((folder, name) -> name.endsWith(".zip"))).hasSize(2);
      assertThat(files(ours))
          .containsOnlyKeys("photographs/mine.jpg", "proofs/mine.txt", "mine.unfinished");
      for (var name : before.keySet()) {
        assertThat(files(disk)).as(name).containsEntry(name, before.get(name));
      }
      Files.delete(ours.resolve("mellow-almanac-backups"));
      takeABackup(app);
      assertThat(app.get("/api/backups/trouble").body().path("backups").asString())
          .as("a folder without our mark is not ours")
          .contains("is not of this collection");
    }
  }

  @Test
  void anEmptyFolderOfOursThatNeverGotItsMarkGetsIt(@TempDir Path disk) throws Exception {
    try (var app = RunningApplication.withDemo()) {
      app.start();
      var mark = secondPlace(app, disk).resolve("mellow-almanac-backups");
      var said = Files.readString(mark);
      Files.delete(mark);
      takeABackup(app);
      assertThat(mark).hasContent(said);
      assertThat(app.get("/api/backups/trouble").body().path("backups").asString()).isEmpty();
    }
  }

  @Test
  void aFolderThatIsNoPlaceForBackupsIsRefused(@TempDir Path disk) throws Exception {
    try (var app = RunningApplication.withDemo();
        var other = RunningApplication.withDemo()) {
      app.start();
      other.start();
      Files.createDirectories(disk.resolve(".config/program"));
      Files.createSymbolicLink(disk.resolve("linked"), Path.of("/usr/share"));
      var ours = secondPlace(app, disk);
      for (var bad :
          new Path[] {
            Path.of("/"),
            Path.of("/etc"),
            Path.of("/usr/share"),
            Path.of("/dev/shm"),
            disk.resolve("linked"),
            disk.resolve(".config/program"),
            ours,
            Files.createDirectory(ours.resolve("deeper")),
            other.data(),
            other.data().resolve("photos"),
            app.data().resolve("network")
          }) {
        var refused = app.put("/api/backups/second", "{\"folder\":\"%s\"}".formatted(bad));
        assertThat(refused.fault("folder")).as("%s", bad).isPresent();
        assertThat(app.get("/api/backups").body().path("secondFolder").asString())
            .isEqualTo(disk.toRealPath().toString());
      }
    }
  }

  @Test
  void inTheFolderOfTheCollection() throws Exception {
    try (var app =
        RunningApplication.demoOver(
            data ->
                lay(
                    data,
                    "letter.unfinished",
                    "almanac-arriving-guests.txt",
                    "almanac-leaving/keys.txt",
                    "almanac-being-made-of-clay/jug.txt",
                    "photos/holiday.jpg",
                    "photos/holiday.jpg.unfinished",
                    "photos/left-over/grandmother.jpg",
                    "backups/tax.zip",
                    "backups/tax.json",
                    "backups/proofs/contract.pdf",
                    "backups/letter.unfinished",
                    "backups/photographs/wedding.jpg"))) {
      app.start();
      var before = files(app.data());
      assertThat(before).hasSize(12);
      takeABackup(app);
      app.restart();
      takeABackup(app);
      assertThat(files(app.data())).isEqualTo(before);
    }
  }

  @Test
  void whereAPackageIsToBeWritten(@TempDir Path elsewhere) throws Exception {
    try (var app = RunningApplication.withDemo()) {
      app.start();
      app.stop();
      lay(elsewhere, "letter.txt", "package.zip.unfinished");
      var before = files(elsewhere);
      for (var bad :
          new Path[] {
            elsewhere.resolve("letter.txt"),
            elsewhere,
            app.data().resolve("almanac.mv.db"),
            app.data().resolve("new.zip")
          }) {
        assertThat(export(app.data(), bad)).as("%s", bad).isEqualTo(2);
      }
      var file = elsewhere.resolve("package.zip");
      assertThat(export(app.data(), file)).isZero();
      assertThat(export(app.data(), file)).as("a package is replaced").isZero();
      assertThat(files(elsewhere)).isEqualTo(before);
      app.reopen();
    }
  }

  private static int export(Path data, Path file) {
    var nowhere = new PrintWriter(new StringWriter());
    return Commands.run(nowhere, nowhere, "export", "--data=" + data, file.toString());
  }
}
