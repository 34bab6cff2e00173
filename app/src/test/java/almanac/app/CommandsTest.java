package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import almanac.app.start.commands.Commands;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The command line, on a collection that is closed, damaged, or gone. */
class CommandsTest {
  private record Done(int code, String out, String err) {}

  private static Done run(Path data, String command, String... more) {
    var words = new ArrayList<>(List.of(command, "--data=" + data));
    words.addAll(List.of(more));
    var out = new StringWriter();
    var err = new StringWriter();
    int code =
        Commands.run(new PrintWriter(out), new PrintWriter(err), words.toArray(String[]::new));
    return new Done(code, out.toString(), err.toString());
  }

  @Test
  void fromABackupBackToItWhateverHappenedToTheFile() throws Exception {
    try (var app = RunningApplication.withDemo()) {
      app.start();
      var data = app.data();
      var plants = app.get("/api/plants").body().toString();
      assertThat(run(data, "backup").err()).contains("already open in another Mellow Almanac");
      app.stop();
      var taken = run(data, "backup");
      assertThat(taken.code()).isZero();
      assertThat(taken.out()).containsPattern("\\d+ plants, \\d+ entries, the last on 2027-05-15");
      assertThat(run(data, "check").code()).isZero();
      assertThat(run(data, "restore", "--list").out()).contains("asked for");

      var file = data.resolve("almanac.mv.db");
      Files.write(file, new byte[9000]);
      var checked = run(data, "check");
      assertThat(checked.code()).isEqualTo(1);
      assertThat(checked.out()).contains("FAULT The collection cannot be opened");
      assertThat(run(data, "restore").err()).contains("say --yes");
      var back = run(data, "restore", "--yes");
      assertThat(back.code()).as(back.err()).isZero();
      assertThat(back.out()).contains("is damaged", "it is kept as almanac-damaged-");
      app.reopen();
      assertThat(app.get("/api/plants").body().toString()).isEqualTo(plants);
      app.stop();

      Files.delete(file);
      assertThat(run(data, "restore", "--yes").code()).isZero();
      app.reopen();
      assertThat(app.get("/api/plants").body().toString()).isEqualTo(plants);
    }
  }

  @Test
  void aLostPhotographAndAHarmedBackupAreNamed() throws Exception {
    try (var app = RunningApplication.withDemo()) {
      app.start();
      app.stop();
      run(app.data(), "backup");
      try (var pictures = Files.list(app.data().resolve("photos"))) {
        Files.delete(pictures.filter(file -> file.toString().endsWith(".jpg")).findFirst().get());
      }
      try (var zips = Files.newDirectoryStream(app.data().resolve("backups"), "*.zip")) {
        for (var zip : zips) {
          Files.write(zip, new byte[] {1});
        }
      }
      var checked = run(app.data(), "check");
      assertThat(checked.code()).isEqualTo(1);
      assertThat(checked.out()).contains("of a photograph is missing", "is not sound: its file");
      assertThat(run(app.data(), "restore", "--yes").err()).contains("There is no sound backup");
    }
  }

  @Test
  void writtenIntoAFileAndTakenInElsewhereItIsTheSameCollection(@TempDir Path elsewhere)
      throws Exception {
    try (var app = RunningApplication.withDemo()) {
      app.start();
      var plants = app.get("/api/plants").body().toString();
      app.stop();
      var first = elsewhere.resolve("first.zip").toString();
      var second = elsewhere.resolve("second.zip").toString();
      assertThat(run(app.data(), "export", first).out()).contains("plants");
      assertThat(run(app.data(), "import", first, "--yes").err()).contains("holds the demo");
      var own = elsewhere.resolve("own");
      assertThat(run(own, "import", first).err()).contains("say --yes");
      var taken = run(own, "import", first, "--yes");
      assertThat(taken.code()).as(taken.err()).isZero();
      assertThat(run(own, "export", second).code()).isZero();
      assertThat(Path.of(second)).hasSameBinaryContentAs(Path.of(first));
      var again = run(own, "import", second, "--yes");
      assertThat(again.out()).contains("It is the backup");
      assertThat(run(own, "check").code()).isZero();
      assertThat(run(own, "import", elsewhere.resolve("none.zip").toString()).err())
          .contains("There is no file");
      Files.writeString(Path.of(first), "no zip");
      assertThat(run(own, "import", first, "--yes").err()).contains("no zip file");
      try (var carried =
          RunningApplication.over(
              data -> assertThat(run(data, "import", second, "--yes").code()).isZero())) {
        carried.start();
        assertThat(carried.get("/api/plants").body().toString()).isEqualTo(plants);
      }
    }
  }

  @Test
  void whatIsMistypedIsAnsweredAndEachCommandHasItsHelp() throws Exception {
    var data = Files.createTempDirectory("almanac-commands");
    assertThat(run(data, "backup").err()).contains("There is no collection in " + data);
    assertThat(run(data, "restor").code()).isEqualTo(2);
    var wrong = run(data, "check", "--quick");
    assertThat(wrong.code()).isEqualTo(2);
    assertThat(wrong.err()).contains("--quick").contains("--help");
    for (var command : List.of("backup", "restore", "check", "export", "import")) {
      var help = run(data, command, "--help");
      assertThat(help.code()).isZero();
      assertThat(help.out()).contains("--data", "Exit codes");
    }
  }
}
