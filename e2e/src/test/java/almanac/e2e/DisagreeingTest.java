package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A grower who disagrees sees which look, figure or rule made the difference, and changes it. */
class DisagreeingTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  @Test
  void whatIfIsAskedAndForgotten() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      browsing.plant("Oncidium Slow Barge");
      var page = browsing.page();
      var verdict = AtWork.verdict(page);
      assertThat(verdict).hasText("Wait");
      page.keyboard().press("w");
      Find.group(page, "Newest roots").getByLabel("nubs").check();
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
      browsing.plant("Brassia Lock Keeper");
      var page = browsing.page();
      page.getByText("its roots would grow in air").click();
      assertThat(page.getByText("Roots of a lead beyond the rim grow in air.")).isVisible();
      Find.link(page, "Its figure").click();
      var figure = page.getByLabel("need.lead-over-rim, points");
      figure.fill("5");
      assertThat(page.getByText("verdicts would change")).isVisible();
      Find.button(page, "Save").click();
      assertThat(page.getByText("default 35")).isVisible();
      browsing.plant("Brassia Lock Keeper");
      assertThat(AtWork.verdict(page)).not().hasText("Part repot");

      browsing.open("/rules#need.lead-over-rim");
      Find.button(page, "Put it back").click();
      Find.button(page, "Save").click();
      assertThat(page.getByText("default 35")).not().isVisible();
      browsing.plant("Brassia Lock Keeper");
      assertThat(AtWork.verdict(page)).hasText("Part repot");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aFigureThatMakesNoSenseIsSaidWhereItStands() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/rules");
      page.getByLabel("need.sour, points").fill("500");
      assertThat(page.getByText("need.sour can be from 0.0 to 100.0 points.")).isVisible();
      assertThat(Find.button(page, "Save")).isDisabled();
      browsing.expectedRefusal();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aPlantTakesAnApproachAndAPaceOfItsOwn() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      browsing.plant("Cattleya Weir Song");
      var page = browsing.page();
      page.keyboard().press("e");
      page.getByLabel("Approach").selectOption("Wait for nubs");
      page.getByLabel("New roots grow").fill("6");
      Find.button(page, "Save").click();
      assertThat(page.locator(".slip li.force")).containsText("Wait for nubs");
      browsing.plant("Cattleya Weir Song");
      page.keyboard().press("e");
      page.getByLabel("New roots grow").fill("600");
      Find.button(page, "Save").click();
      assertThat(page.getByText("A root grows from 0.5 to 60 mm a week.")).isVisible();
      assertThat(page.getByLabel("New roots grow")).hasValue("600");
      browsing.expectedRefusal();
      assertThat(browsing.complaints()).isEmpty();
    }
  }
}
