package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** From the slip that says “divide” to two plants with a tag each, through a crash. */
class DividingTest {
  private static final String PLANT = "Encyclia Cordwain";

  private static Locator growths(Page page) {
    return page.locator(".growth");
  }

  private static Locator plan(Page page, String title) {
    return Find.with(page.locator(".plans button"), title);
  }

  /** A second front of three growths that goes off from the oldest one. */
  private static void drawSecondFront(Page page) {
    // What is answered may move the drawing; nothing is tapped while it moves.
    AtBench.kept(page);
    int before = growths(page).count();
    growths(page).first().click();
    for (int i = 1; i <= 3; i++) {
      Find.with(page.locator(".editor button"), "One more").click();
      assertThat(growths(page)).hasCount(before + i);
      // One more growth makes the drawing taller, and what is under it moves.
      AtBench.kept(page);
    }
    Find.button(page, "Back to the plans").click();
  }

  @Test
  void fromTheSlipToTwoPlantsOnTwoTagsWithACrashBetween(@TempDir Path data) throws Exception {
    String job;
    var almanac = OwnProcess.demo(data);
    try (var browsing = Browsing.desk(almanac.address())) {
      var page = browsing.plant(PLANT);
      assertThat(AtWork.verdict(page)).containsText("Divide");
      AtBench.begin(page);
      AtBench.to(page, "Part it");
      drawSecondFront(page);
      plan(page, "Two pieces").click();
      assertThat(page.getByText("Piece B")).isVisible();
      AtBench.kept(page);
      job = page.url().replaceFirst("https?://[^/]+", "");
      almanac.kill();
    } finally {
      almanac.close();
    }
    try (var again = RunningAlmanac.demo(data);
        var browsing = Browsing.desk(again.address())) {
      var page = browsing.page();
      page.navigate(job);
      AtBench.step(page).waitFor();
      assertThat(AtBench.step(page)).hasText("Part it");
      assertThat(plan(page, "Two pieces")).hasAttribute("aria-pressed", "true");
      AtBench.to(page, "Pot and place");
      assertThat(page.locator(".growth text")).hasCount(0);
      page.locator(".seats button").first().click();
      assertThat(page.getByText("Shift it").first()).isVisible();
      AtBench.to(page, "How it went");
      AtBench.kept(page);
      Find.button(page, "Write it down").click();
      assertThat(page.locator("h1")).hasText("Tags");
      assertThat(page.locator("main li:visible")).hasCount(2);
      page.navigate("/bench");
      assertThat(page.locator("h1")).hasText("Bench");
      var mother = browsing.plant(PLANT);
      assertThat(AtWork.journal(mother)).containsText("A division was taken");
      assertThat(AtWork.journal(mother)).containsText("From the stock: 2 ");
      assertThat(Find.region(mother, "Seen from above")).isVisible();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void byKeysAloneAGrowthIsMovedAndAJointIsCut(@TempDir Path data) {
    try (var almanac = RunningAlmanac.demo(data);
        var browsing = Browsing.desk(almanac.address())) {
      var page = browsing.plant(PLANT);
      AtBench.begin(page);
      AtBench.to(page, "Part it");
      var bulb = growths(page).first().locator(".bulb");
      var before = Double.parseDouble(bulb.getAttribute("cy"));
      growths(page).first().focus();
      page.keyboard().press("ArrowDown");
      page.keyboard().press("ArrowDown");
      assertThat(bulb).not().hasAttribute("cy", String.valueOf(before));
      page.locator(".cut").first().focus();
      page.keyboard().press("Enter");
      assertThat(page.locator(".cut.made")).hasCount(1);
      assertThat(page.getByText("It would have").first()).isVisible();
      assertThat(page.locator(".growth text").first()).hasText("A");
      assertThat(page.locator(".growth text").last()).hasText("B");
      assertThat(AtBench.step(page)).hasText("Part it");
      page.keyboard().press("Enter");
      assertThat(page.locator(".cut.made")).hasCount(0);
      AtBench.kept(page);
      assertThat(browsing.violations()).isEmpty();
    }
  }

  @Test
  void onAPhoneItFitsUnderAThumb(@TempDir Path data) {
    try (var almanac = RunningAlmanac.demo(data);
        var browsing = Browsing.phone(almanac.address())) {
      var page = browsing.plant(PLANT);
      AtBench.begin(page);
      AtBench.to(page, "Part it");
      drawSecondFront(page);
      plan(page, "Two pieces").click();
      assertThat(page.getByText("Piece B")).isVisible();
      browsing.fitsTheScreen();
      AtBench.to(page, "Pot and place");
      browsing.fitsTheScreen();
      AtBench.to(page, "Fill");
      browsing.fitsTheScreen();
      assertThat(browsing.complaints()).isEmpty();
    }
  }
}
