package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** One plant from its verdict to its bench day and through the year after it. */
class OverAYearTest {
  private static final String PLANT = "Phalaenopsis Sunday Bell";

  @TempDir Path data;

  private void on(String day, Consumer<Browsing> task) {
    try (var almanac = RunningAlmanac.startOn(day, data, "--demo");
        var browsing = Browsing.desk(almanac.address())) {
      task.accept(browsing);
      assertThat(browsing.complaints())
          .allMatch(
              complaint -> complaint.contains("status of 400"), "refused where no reason is given");
    }
  }

  /** A check that is due. */
  private static Locator check(Page page, String title) {
    return Find.with(Find.with(Find.region(page, "Look at").locator("li"), PLANT), title).first();
  }

  private void asHoped(String day, String... titles) {
    on(
        day,
        browsing -> {
          for (var title : titles) {
            var page = browsing.open("/checks");
            Find.button(check(page, title), "As hoped").click();
            assertThat(page.getByText(title + " as hoped").first()).isVisible();
          }
          assertThat(Find.region(browsing.open("/"), "Went well")).containsText(PLANT);
        });
  }

  @Test
  void fromTheVerdictToTheBenchDayAndThroughItsChecksToTheNextYear() {
    on(
        "2027-05-15",
        browsing -> {
          var page = browsing.open("/bench");
          assertThat(Find.region(page, "Bench day Sunday 23 May")).containsText(PLANT);
          page = browsing.open("/week/2027-05-20");
          assertThat(Find.region(page, "Sunday 23 May")).containsText(PLANT);
        });
    on(
        "2027-05-23",
        browsing -> {
          assertThat(browsing.open("/").locator("h1")).containsText("bench day");
          var page = browsing.plant(PLANT);
          AtBench.begin(page);
          AtBench.to(page, "How it went");
          AtBench.kept(page);
          Find.button(page, "Write it down").click();
          assertThat(Find.region(page, "Medium")).containsText("potted 23 May");
          assertThat(Find.region(page, "Checks")).containsText("Does it stand?");
        });
    asHoped("2027-05-31", "Does it stand?");
    asHoped("2027-08-22", "Has it taken hold?");
    asHoped("2027-11-24", "How does the medium do?");
    on(
        "2028-05-18",
        browsing -> {
          var page = browsing.open("/checks");
          var year = check(page, "The year's judgement");
          Find.button(year, "Not now: The year's judgement").click();
          Find.button(year, "Put it off").click();
          assertThat(year).containsText("Say why");
          Find.entry(year, "Why").fill("Away until then");
          Find.button(year, "Put it off").click();
          assertThat(year).hasCount(0);
          Find.button(page, "Undo").first().click();
          Find.button(year, "As hoped").click();
          assertThat(year).hasCount(0);
          page = browsing.plant(PLANT);
          assertThat(AtWork.journal(page)).containsText("The year's judgement as hoped");
        });
  }
}
