package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import almanac.app.start.commands.Commands;
import java.io.ByteArrayOutputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/**
 * Packages, photographs and backups that are not what they were are known, and mended if possible.
 */
class DamagedOnItsWayTest {
  @RegisterExtension static final RunningApplication DEMO = RunningApplication.withDemo();

  private static final int CHANGED = 120;

  private static String refusal(byte[] bytes) throws Exception {
    var looked = PackagesTest.look(bytes);
    assertThat(looked.status()).as("%s", looked.body()).isEqualTo(400);
    return looked.fault("package").orElseThrow();
  }

  @RegisterExtension static final RunningApplication OTHER = PackagesTest.OTHER;

  @Test
  void everySingleByteThatIsChangedIsNoticed() throws Exception {
    var whole = DEMO.bytes("/api/package");
    var random = new Random(3);
    for (int i = 0; i < CHANGED; i++) {
      var changed = whole.clone();
      int at = i < 40 ? whole.length - 1 - 4 * i : random.nextInt(whole.length);
      changed[at] ^= (byte) (1 << random.nextInt(8));
      assertThat(PackagesTest.look(changed).status()).as("byte %d", at).isEqualTo(400);
    }
    assertThat(PackagesTest.look(whole).status()).isEqualTo(201);
  }

  private static byte[] zip(Map<String, byte[]> files) throws Exception {
    var out = new ByteArrayOutputStream();
    try (var zip = new ZipOutputStream(out)) {
      for (var file : files.entrySet()) {
        zip.putNextEntry(new ZipEntry(file.getKey()));
        zip.write(file.getValue());
      }
    }
    return out.toByteArray();
  }

  /** As by somebody who packs it anew, and takes the seal out of its description. */
  private static Map<String, byte[]> unsealed() throws Exception {
    var files = PackagesTest.files(DEMO.bytes("/api/package"));
    var described = new String(files.get("datapackage.json"));
    assertThat(described).contains("\"sealed\" : true");
    files.put(
        "datapackage.json",
        described.replace("\"sealed\" : true", "\"sealed\" : false").getBytes());
    return files;
  }

  @Test
  void eachFileIsHeldAgainstItsOwnSumAndNamed() throws Exception {
    assertThat(refusal(zip(PackagesTest.files(DEMO.bytes("/api/package")))))
        .contains("its seal does not fit");
    assertThat(PackagesTest.look(zip(unsealed())).status()).isEqualTo(201);

    var table = unsealed();
    table.put(
        "place.csv", new String(table.get("place.csv")).replace("Sunroom", "Sunroot").getBytes());
    assertThat(refusal(zip(table))).contains("place.csv is not what it was when it was written");

    var files = unsealed();
    var photograph = photograph(files);
    var picture = files.get(photograph);
    files.put(photograph, new byte[0]);
    assertThat(refusal(zip(files))).isEqualTo(photograph + " is empty.");
    files.put(photograph, "<html>".getBytes());
    assertThat(refusal(zip(files))).isEqualTo(photograph + " is no photograph.");
    var changed = picture.clone();
    changed[picture.length / 2] ^= 4;
    files.put(photograph, changed);
    assertThat(refusal(zip(files))).isEqualTo(photograph + " in the package is damaged.");
    files.remove(photograph);
    assertThat(refusal(zip(files))).contains("has no " + photograph);
    files.put(photograph, picture);
    files.put("photographs/00000000-0000-4000-8000-000000000001.jpg", picture);
    assertThat(refusal(zip(files))).contains("000000000001.jpg, which is in no table");
  }

  private static String photograph(Map<String, byte[]> files) {
    return files.keySet().stream()
        .filter(name -> name.startsWith("photographs/"))
        .findFirst()
        .orElseThrow();
  }

  private record Done(int code, String said) {}

  private static Done run(Path data, String... words) {
    var said = new StringWriter();
    var out = new PrintWriter(said);
    var all = new String[words.length + 1];
    all[0] = words[0];
    all[1] = "--data=" + data;
    System.arraycopy(words, 1, all, 2, words.length - 1);
    return new Done(Commands.run(out, out, all), said.toString());
  }

  private static Path somePicture(Path data) throws Exception {
    try (var pictures = Files.list(data.resolve("photos"))) {
      return pictures.filter(file -> file.toString().endsWith(".jpg")).sorted().findFirst().get();
    }
  }

  private static void harm(Path picture) throws Exception {
    var bytes = Files.readAllBytes(picture);
    bytes[bytes.length / 2] ^= 1;
    Files.write(picture, bytes);
  }

  @Test
  void aDamagedPhotographIsNamedDoesNotLeaveAndIsMendedFromTheBackups() throws Exception {
    try (var app = RunningApplication.withDemo()) {
      app.start();
      app.stop();
      var data = app.data();
      assertThat(run(data, "backup").code()).isZero();
      assertThat(run(data, "check").code()).isZero();
      var picture = somePicture(data);
      var sound = Files.readAllBytes(picture);
      harm(picture);
      var checked = run(data, "check");
      assertThat(checked.code()).isEqualTo(1);
      assertThat(checked.said())
          .contains(picture.getFileName() + " of a photograph is damaged; the backups have it");
      var target = data.resolveSibling(data.getFileName() + ".zip");
      var left = run(data, "export", target.toString());
      assertThat(left.code()).isEqualTo(2);
      assertThat(left.said()).contains("The photograph of", "is damaged");
      assertThat(target).doesNotExist();
      assertThat(run(data, "backup").code()).isZero();
      assertThat(picture).hasBinaryContent(sound);
      assertThat(run(data, "export", target.toString()).code()).isZero();
      Files.delete(target);

      var kept = data.resolve("backups/photographs").resolve(picture.getFileName());
      harm(picture);
      harm(kept);
      assertThat(run(data, "check").said()).contains("damaged; no backup has it");
      var unmended = run(data, "backup");
      assertThat(unmended.code()).isEqualTo(1);
      assertThat(unmended.said()).contains("no sound file " + picture.getFileName());
      app.reopen();
    }
  }

  @Test
  void backupsThatHadTheSameFileGetOneOfTheirOwn() throws Exception {
    try (var app = RunningApplication.withDemo()) {
      app.start();
      app.stop();
      var picture = somePicture(app.data());
      var kept = app.data().resolve("backups/photographs").resolve(picture.getFileName());
      Files.createDirectories(kept.getParent());
      Files.createLink(kept, picture);
      assertThat(run(app.data(), "backup").code()).isZero();
      assertThat(Files.isSameFile(kept, picture)).isFalse();
      assertThat(kept).hasSameBinaryContentAs(picture);
      app.reopen();
    }
  }

  @Test
  void afterAWrongClockTheOneThatWasTakenLastIsBroughtBack() throws Exception {
    try (var app = RunningApplication.withDemo()) {
      app.start();
      app.stop();
      var data = app.data();
      assertThat(run(data, "backup").code()).isZero();
      var backups = data.resolve("backups");
      try (var all = Files.newDirectoryStream(backups, "20*")) {
        for (var file : all) {
          var name = file.getFileName().toString();
          var wrong = backups.resolve("2038" + name.substring(4));
          Files.move(file, wrong);
          if (name.endsWith(".json")) {
            Files.writeString(
                wrong, Files.readString(wrong).replaceFirst("\"at\":\"\\d{4}", "\"at\":\"2038"));
          }
        }
      }
      app.reopen();
      app.post(
          "/api/plants/1/inspections",
          "{\"on\":\"2027-05-15\",\"looks\":{\"leaves\":{\"answers\":[\"FIRM\"]}},\"note\":\"since\"}");
      var plant = app.get("/api/plants/1").body().toString();
      app.stop();
      assertThat(run(data, "backup").code()).isZero();
      Files.delete(data.resolve("almanac.mv.db"));
      var back = run(data, "restore", "--yes");
      assertThat(back.code()).as(back.said()).isZero();
      app.reopen();
      assertThat(app.get("/api/plants/1").body().toString()).isEqualTo(plant);
      app.stop();
      var name =
          run(data, "restore", "--list")
              .said()
              .lines()
              .filter(line -> line.startsWith("2038"))
              .findFirst()
              .orElseThrow()
              .split(" ")[0];
      assertThat(run(data, "restore", name).said())
          .contains("it lacks 1 entry.", "Against the collection as it is now");
      app.reopen();
    }
  }
}
