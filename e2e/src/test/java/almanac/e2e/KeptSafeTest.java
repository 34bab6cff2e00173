package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonParser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Backups and packages, as somebody takes them and brings them back on the settings page. */
class KeptSafeTest {
  private static Path carriedOut(Page page, Path folder) {
    var download = page.waitForDownload(() -> page.getByText("Save all as a file").click());
    var file = folder.resolve(download.suggestedFilename());
    download.saveAs(file);
    return file;
  }

  private static void unzip(Path zip, Path folder) throws IOException {
    try (var in = new ZipInputStream(Files.newInputStream(zip))) {
      for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        var file = folder.resolve(entry.getName());
        Files.createDirectories(file.getParent());
        Files.copy(in, file);
      }
    }
  }

  @Test
  void aBackupIsTakenBroughtBackAndThatIsUndone(@TempDir Path data) {
    try (var almanac = RunningAlmanac.demo(data);
        var browsing = Browsing.phone(almanac.address())) {
      var page = browsing.open("/settings");
      Find.button(page, "Back up now").click();
      var kept = Find.region(page, "Kept safe");
      assertThat(kept.locator("li")).hasCount(1);
      assertThat(kept.locator("li")).containsText("64 plants");
      browsing.fitsTheScreen();
      var latitude = Find.entry(page, "Latitude");
      var before = latitude.inputValue();
      latitude.fill("12");
      latitude.press("Enter");
      assertThat(page.getByText("The light of your year is drawn anew")).isVisible();
      page.getByText("Bring back…").click();
      assertThat(kept.getByRole(AriaRole.GROUP)).containsText("so that this can be undone");
      Find.button(page, "Bring it back").click();
      AtWork.isToday(page);
      var undo = Find.button(page, "Undo");
      assertThat(undo).isVisible();
      browsing.open("/settings");
      assertThat(Find.entry(page, "Latitude")).hasValue(before);
      assertThat(Find.region(page, "Kept safe").locator("li")).hasCount(2);
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void theDemoIsCarriedIntoACollectionOfOnesOwnAndOthersReadItToo(
      @TempDir Path demo, @TempDir Path own, @TempDir Path carried) throws Exception {
    Path zip;
    try (var almanac = RunningAlmanac.demo(demo);
        var browsing = Browsing.desk(almanac.address())) {
      readToday(browsing.open("/"));
      zip = carriedOut(browsing.open("/settings"), carried);
      assertThat(zip.getFileName()).hasToString("mellow-almanac-2027-05-15.zip");
    }
    othersRead(zip, carried.resolve("unzipped"));
    try (var almanac = RunningAlmanac.start(own);
        var browsing = Browsing.desk(almanac.address())) {
      var page = browsing.open("/settings");
      var chosen = page.locator("input[accept*=zip]");
      var wrong = Files.writeString(carried.resolve("wrong.zip"), "no zip");
      chosen.setInputFiles(wrong);
      assertThat(page.getByText("This is no zip file")).isVisible();
      chosen.setInputFiles(zip);
      assertThat(page.getByText("holds 64 plants")).isVisible();
      Find.button(page, "Take it in").click();
      assertThat(page.getByText("is the collection now")).isVisible();
      readToday(page);
      assertThat(Files.readAllBytes(carriedOut(browsing.open("/settings"), own)))
          .isEqualTo(Files.readAllBytes(zip));
    }
  }

  /** Whoever reads what today asks for has the bench days laid, and where each job lies is kept. */
  private static void readToday(Page page) {
    assertThat(page.locator("h1")).containsText("bench day");
  }

  private static void othersRead(Path zip, Path folder) throws Exception {
    unzip(zip, folder);
    var script = Path.of(KeptSafeTest.class.getResource("/read-package.cjs").toURI());
    var reading =
        new ProcessBuilder(
            System.getenv("PLAYWRIGHT_NODEJS_PATH"), script.toString(), folder.toString());
    reading.environment().put("NODE_PATH", Path.of("../ui/node_modules").toRealPath().toString());
    var process = reading.redirectErrorStream(true).start();
    var said = new String(process.getInputStream().readAllBytes());
    assertThat(process.waitFor()).as(said).isZero();
    var rows = JsonParser.parseString(said).getAsJsonObject();
    assertThat(rows.get("plant").getAsInt()).isEqualTo(82);
    assertThat(rows.get("act").getAsInt()).isGreaterThan(1000);
    assertThat(rows.get("looked").getAsInt()).isGreaterThan(5000);
  }
}
