package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A grower who disagrees sees which look, figure or rule made the difference, and changes it. */
class DisagreeingTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  private static void openByName(Browsing browsing, String plant) {
    browsing.open("/plants").getByRole(AriaRole.LINK).filter(having(plant)).click();
    assertThat(browsing.page().locator("h1")).hasText(plant);
  }

  private static Locator.FilterOptions having(String text) {
    return new Locator.FilterOptions().setHasText(text);
  }

  @Test
  void whatIfIsAskedAndForgotten() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      openByName(browsing, "Oncidium Slow Barge");
      var page = browsing.page();
      var verdict = page.locator(".slip h2");
      assertThat(verdict).hasText("Wait");
      page.keyboard().press("w");
      page.getByRole(AriaRole.GROUP, named("Newest roots")).getByLabel("nubs").check();
      assertThat(verdict).hasText("Full repot");
      assertThat(page.getByText("Full repot instead of wait")).isVisible();
      assertThat(browsing.violations()).isEmpty();
      page.keyboard().press("Escape");
      assertThat(verdict).hasText("Wait");
      page.reload();
      assertThat(verdict).hasText("Wait");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aFigureIsFoundFromItsSentenceTriedAndPutBack() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      openByName(browsing, "Brassia Lock Keeper");
      var page = browsing.page();
      page.getByRole(AriaRole.LINK, named("need 35: its figure")).click();
      var figure = page.getByLabel("need.lead-over-rim, points");
      figure.fill("5");
      assertThat(page.getByText("verdicts would change")).isVisible();
      page.getByRole(AriaRole.BUTTON, named("Save")).click();
      assertThat(page.getByText("default 35")).isVisible();
      openByName(browsing, "Brassia Lock Keeper");
      assertThat(page.locator(".slip h2")).not().hasText("Part repot");

      browsing.open("/rules#need.lead-over-rim");
      page.getByRole(AriaRole.BUTTON, named("Put it back")).click();
      page.getByRole(AriaRole.BUTTON, named("Save")).click();
      assertThat(page.getByText("default 35")).not().isVisible();
      openByName(browsing, "Brassia Lock Keeper");
      assertThat(page.locator(".slip h2")).hasText("Part repot");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aFigureThatMakesNoSenseIsSaidWhereItStands() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/rules");
      page.getByLabel("need.sour, points").fill("500");
      assertThat(page.getByText("need.sour can be from 0.0 to 100.0 points.")).isVisible();
      assertThat(page.getByRole(AriaRole.BUTTON, named("Save"))).isDisabled();
      browsing.expectedRefusal();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aPlantTakesAnApproachAndAPaceOfItsOwn() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      openByName(browsing, "Cattleya Weir Song");
      var page = browsing.page();
      page.keyboard().press("e");
      page.getByLabel("Approach").selectOption("Wait for nubs");
      page.getByLabel("New roots grow").fill("6");
      page.getByRole(AriaRole.BUTTON, named("Save")).click();
      assertThat(page.locator(".others .force")).containsText("Wait for nubs");
      openByName(browsing, "Cattleya Weir Song");
      page.keyboard().press("e");
      page.getByLabel("New roots grow").fill("600");
      page.getByRole(AriaRole.BUTTON, named("Save")).click();
      assertThat(page.getByText("A root grows from 0.5 to 60 mm a week.")).isVisible();
      assertThat(page.getByLabel("New roots grow")).hasValue("600");
      browsing.expectedRefusal();
      assertThat(browsing.complaints()).isEmpty();
    }
  }
}
