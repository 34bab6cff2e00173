package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A list from a spreadsheet is understood, put right and brought in, and goes again. */
class SheetTest {
  private static final String LIST =
      """
      Orchid;Where;Last repotted;Pot;Remarks
      Phalaenopsis Reed Hollow;Kitchen sill;3/4/2024;12;
      Oncidium Low Weir;Kitchn sill;yesterweek;9;sulks
      Mystery pup;;2024;;
      Vanda High Water;Shelf 1;2023;15;
      """;

  private static void choose(Page page, Path folder) throws IOException {
    page.locator("input[type=file]")
        .setInputFiles(Files.writeString(folder.resolve("my plants.csv"), LIST));
  }

  @Test
  void aListIsPutRightByKeyboardAndBroughtIn(@TempDir Path data, @TempDir Path files)
      throws IOException {
    try (var almanac = RunningAlmanac.start(data);
        var browsing = Browsing.desk(almanac.address())) {
      var page = browsing.open("/");
      Find.link(page, "Bring in a list").click();
      choose(page, files);
      var wrong = Find.region(page, "2 cells that cannot be right");
      assertThat(wrong).isVisible();
      assertThat(Find.button(page, "Bring in 2 plants")).isDisabled();
      assertThat(browsing.violations()).isEmpty();

      assertThat(page.getByText("1 day can be read in two ways")).isVisible();
      page.getByLabel("4 Mar 2024").check();
      assertThat(page.getByRole(AriaRole.TABLE)).containsText("4 Mar 2024");

      var day = wrong.getByLabel("Last repotted");
      day.fill("2025");
      day.press("Enter");
      assertThat(Find.region(page, "1 cell that cannot be right").locator("input")).isFocused();
      page.getByLabel("Kind of Mystery").selectOption("Oncidium alliance");
      var bring = Find.button(page, "Bring in 4 plants");
      assertThat(bring).isEnabled();
      bring.click();

      assertThat(page.locator("h1")).hasText("Plants");
      assertThat(page.getByText("Oncidium Low Weir").last()).isVisible();
      assertThat(page.getByText("Mystery pup").last()).isVisible();
      Find.button(page, "Undo").click();
      assertThat(page.getByText("Oncidium Low Weir")).hasCount(0);
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void onAPhoneRowsAreLeftOutAndTakenAgain(@TempDir Path data, @TempDir Path files)
      throws IOException {
    try (var almanac = RunningAlmanac.start(data);
        var browsing = Browsing.phone(almanac.address())) {
      var page = browsing.open("/plants/sheet");
      choose(page, files);
      Find.button(page, "Leave all 2 rows out").click();
      assertThat(page.getByText("2 rows left out: 3, 4.")).isVisible();
      browsing.fitsTheScreen();
      Find.button(page, "Take them again").click();
      assertThat(Find.region(page, "2 cells that cannot be right")).isVisible();
      Find.button(page, "Another file").click();
      assertThat(page.getByText("Choose a file…")).isVisible();
    }
  }
}
