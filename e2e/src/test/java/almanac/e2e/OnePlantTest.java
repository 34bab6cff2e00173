package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** One plant, from the shelf to its follow-up check, and through a power cut. */
class OnePlantTest {
  @TempDir Path data;

  @Test
  void fromTheShelfToTheFollowUp() throws Exception {
    try (var almanac = OwnProcess.start(data);
        var browsing = Browsing.desk(almanac.address())) {
      addPlant(browsing);
      inspect(browsing);
      repot(browsing);
      tick(browsing);
      assertThat(browsing.complaints()).isEmpty();
      almanac.kill();
    }
    try (var almanac = RunningAlmanac.start(data);
        var browsing = Browsing.desk(almanac.address())) {
      var page = browsing.open("/plants");
      page.locator("ul.sheet").getByText("Oncidium Towing Path").click();
      assertThat(AtWork.verdict(page)).hasText("Leave");
      var journal = AtWork.journal(page);
      assertThat(journal.getByRole(AriaRole.LISTITEM)).hasCount(4);
      assertThat(journal).containsText("Does it stand? as hoped");
      assertThat(journal).containsText("Repotted into medium bark");
      assertThat(Find.region(page, "Checks")).containsText("New root tips?");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  private static void addPlant(Browsing browsing) {
    var page = browsing.open("/plants");
    assertThat(page.getByText("No plants yet")).isVisible();
    Find.link(page.getByRole(AriaRole.MAIN), "Add a plant").click();
    page.getByLabel("Name on the label").fill("Oncidium Towing Path");
    AtWork.kind(page, "oncidium", "Oncidium alliance");
    page.getByLabel("Name of the new place").fill("East sill");
    page.getByLabel("Potted on").fill("2025-02");
    AtWork.unfold(page);
    page.getByLabel("What it stands in").selectOption("medium bark (8–12 mm)");
    Find.button(page, "Add the plant").click();
    assertThat(page.locator("h1")).hasText("Oncidium Towing Path");
    assertThat(page.locator(".where")).containsText("27-001");
    assertThat(page.locator(".slip")).containsText("things not looked at");
    assertThat(Find.region(page, "Checks")).containsText("First look");
  }

  private static void inspect(Browsing browsing) {
    var page = browsing.page();
    Find.link(page, "Inspect").first().click();
    var roots = Find.group(page, "Newest roots");
    AtWork.pick(roots, "nubs");
    roots.getByLabel("Newest roots: longest").fill("6");
    AtWork.pick(Find.group(page, "Medium piece"), "tears by hand");
    AtWork.pick(Find.group(page, "How it stands"), "loose");
    Find.button(page, "Save and judge").click();
    assertThat(AtWork.verdict(page)).hasText("Full repot");
    assertThat(page.locator(".slip")).containsText("Newest roots 6 mm, nubs");
    assertThat(page.locator(".slip")).containsText("a piece tears by hand");
    assertThat(page.locator(".slip")).containsText("It sits loose in the pot");
    assertThat(page.locator(".slip")).containsText("Next check");
  }

  private static void repot(Browsing browsing) {
    var page = browsing.page();
    page.keyboard().press("r");
    Find.button(page, "Another component").click();
    page.getByLabel("Component 2", new Page.GetByLabelOptions().setExact(true))
        .selectOption("perlite");
    page.getByLabel("Parts of component 1").fill("3");
    Find.button(page, "Log the repot").click();
    assertThat(AtWork.verdict(page)).hasText("Leave");
    assertThat(Find.region(page, "Medium")).containsText("medium bark 3 : perlite 1");
    assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Medium: 0 %")))
        .isVisible();
    assertThat(Find.region(page, "Checks")).containsText("Does it stand?");
  }

  private static void tick(Browsing browsing) {
    var checks = Find.region(browsing.page(), "Checks");
    Find.button(checks, "As hoped").click();
    assertThat(checks).containsText("New root tips?");
    assertThat(checks).not().containsText("Does it stand?");
  }
}
