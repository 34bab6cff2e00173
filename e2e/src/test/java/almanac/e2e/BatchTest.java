package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.RequestOptions;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Four plants in one go, on a phone: one preparation, four records, four tags. */
class BatchTest {
  private static final List<String> PLANTS =
      List.of(
          "Phalaenopsis Thimble",
          "Phalaenopsis Small Lantern",
          "Phalaenopsis Mill Light",
          "Phalaenopsis Sunday Bell");

  @Test
  void fourOfThemOnAPhone(@TempDir Path data) {
    try (var almanac = RunningAlmanac.demo(data);
        var browsing = Browsing.phone(almanac.address())) {
      var page = browsing.open("/plants");
      var ids =
          PLANTS.stream()
              .map(browsing::idOf)
              .map(String::valueOf)
              .collect(Collectors.joining(",", "{\"plants\":[", "]}"));
      var begun =
          page.request()
              .post(
                  "/api/batches",
                  RequestOptions.create()
                      .setHeader("Content-Type", "application/json")
                      .setData(ids));
      assertThat(begun.status()).as(begun.text()).isEqualTo(201);
      page.navigate("/");
      Find.link(page, "4 plants together").click();
      assertThat(Find.region(page, "Have ready")).containsText("a pencil");
      assertThat(Find.region(page, "Have ready")).containsText(" of ");
      browsing.fitsTheScreen();
      for (int i = 0; i < PLANTS.size(); i++) {
        page.locator(".plants a.go").click();
        AtBench.step(page).waitFor();
        AtBench.to(page, "How it went");
        AtBench.kept(page);
        Find.button(page, "Write it down").click();
        assertThat(page.locator("h1")).hasText("4 plants together");
        assertThat(page.locator(".tag")).hasCount(i + 1);
      }
      assertThat(Find.button(page, "All tags are right")).isDisabled();
      for (int i = 0; i < PLANTS.size(); i++) {
        page.locator(".tag input").nth(i).check();
      }
      assertThat(browsing.violations()).isEmpty();
      var batch = page.url();
      Find.link(page, "Hold one half against the other").click();
      assertThat(page.locator("h1")).hasText("Trials");
      assertThat(page.getByLabel("Its first day")).hasValue("2027-05-15");
      page.navigate(batch);
      Find.button(page, "All tags are right").click();
      assertThat(page.locator("h1")).hasText("Bench");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void severalChosenPlantsGoToTheBenchTogether(@TempDir Path data) {
    try (var almanac = RunningAlmanac.demo(data);
        var browsing = Browsing.desk(almanac.address())) {
      var page = browsing.open("/plants");
      Find.entry(page, "Choose " + PLANTS.get(0)).check();
      Find.entry(page, "Choose " + PLANTS.get(1)).check();
      Find.button(page, "To the bench together").click();
      assertThat(page.locator("h1")).hasText("2 plants together");
      // Told once; then a tap a plant.
      var batch = page.url();
      page.locator(".plants a.go").click();
      AtBench.step(page).waitFor();
      Find.with(page.locator("button"), "Done").last().click();
      assertThat(AtBench.step(page)).not().hasText("Check the tag");
      AtBench.kept(page);
      page.navigate(batch);
      Find.button(page, "The same for all").click();
      assertThat(Find.button(page, "Done, and its tag is right")).hasCount(2);
      Find.button(page, "Done, and its tag is right").first().click();
      assertThat(Find.button(page, "Done, and its tag is right")).hasCount(1);
      Find.button(page, "Done, and its tag is right").click();
      Find.button(page, "All tags are right").click();
      assertThat(page.locator("h1")).hasText("Bench");
      assertThat(browsing.complaints()).isEmpty();
    }
  }
}
