package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A plant leaves one collection as a file and comes into another with its history. */
class PassportTest {
  @Test
  void aPlantGoesFromOneCollectionToAnother(
      @TempDir Path giver, @TempDir Path taker, @TempDir Path files) {
    var file = files.resolve("brassia.zip");
    try (var almanac = RunningAlmanac.demo(giver);
        var browsing = Browsing.desk(almanac.address())) {
      var page = browsing.open("/plants/Brassia Lock Keeper/papers");
      assertThat(page.locator("figure img").first()).isVisible();
      page.waitForDownload(() -> Find.link(page, "As a file for another collection").click())
          .saveAs(file);
      assertThat(browsing.complaints()).isEmpty();
    }
    try (var almanac = RunningAlmanac.start(taker);
        var browsing = Browsing.phone(almanac.address())) {
      var page = browsing.open("/");
      page.getByLabel("A sill, a shelf, a room").fill("Kitchen sill");
      Find.button(page, "Add the place").click();
      assertThat(page.getByLabel("Places").getByText("Kitchen sill")).isVisible();
      browsing.open("/plants/new");
      page.getByLabel("Take in its file").setInputFiles(file);
      assertThat(page.getByText("Brassia Lock Keeper")).isVisible();
      page.getByLabel("Where it is to stand").selectOption("Kitchen sill");
      browsing.fitsTheScreen();
      Find.button(page, "Take it in with its history").click();
      assertThat(page.locator("h1")).hasText("Brassia Lock Keeper");
      assertThat(AtWork.verdict(page)).isVisible();
      Find.button(page, "Undo").click();
      assertThat(page.locator("h1")).hasText("Plants");
      assertThat(page.getByText("Brassia Lock Keeper")).hasCount(0);
      assertThat(browsing.complaints()).isEmpty();
    }
  }
}
