package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A course begun on a plant and its neighbours, gone on with, and taken back. */
class TreatmentsTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  @Test
  void aCourseIsBegunFromThePlantAndTreatedByThumb() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = browsing.plant("Vanda Blue Gate");
      Find.link(page, "Treat").click();
      Find.button(page, "Begin on 1 plant").click();
      assertThat(page.getByText("Say what is used, as its label calls it.").first()).isVisible();
      Find.entry(page, "What is used").fill("Oil from the shed");
      assertThat(page.getByText("These stand beside them; they are looked at too")).isVisible();
      Find.button(page, "Begin on 1 plant").click();
      var course = Find.region(page, "Oil from the shed");
      assertThat(course).containsText("Vanda Blue Gate");
      assertThat(course.getByRole(AriaRole.LIST).last().locator("li")).not().hasCount(0);
      assertThat(course).containsText("The label is the law");
      Find.button(course, "Treated today: 1 plant").click();
      assertThat(course).containsText("1 of 3 done");
      browsing.fitsTheScreen();
      Find.button(page, "Undo").first().click();
      assertThat(course).containsText("0 of 3 done");
      assertThat(browsing.complaints())
          .allMatch(complaint -> complaint.contains("status of 400"), "refused once");
    }
  }

  @Test
  void whoLooksCleanOftenEnoughMayBeLetOut() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/treatments");
      var course = Find.region(page, "Soft soap spray from the shed");
      var clean = Find.with(course.locator("li"), "Phalaenopsis Thimble");
      clean.getByRole(AriaRole.CHECKBOX).check();
      Find.button(course, "Looked, nothing found: 2 plants").click();
      assertThat(clean.getByText("clean", new Locator.GetByTextOptions().setExact(true)))
          .isVisible();
      Find.button(course, "End it for 1 clean plant").click();
      assertThat(clean).hasCount(0);
      assertThat(browsing.violations()).isEmpty();
      page = browsing.plant("Angraecum Star Post");
      Find.link(page, "Edit").click();
      Find.entry(page, "Status").selectOption("lost");
      assertThat(page.getByText("the last chance")).hasCount(0);
      page = browsing.plant("Cattleya Weir Song");
      Find.link(page, "Edit").click();
      Find.entry(page, "Status").selectOption("lost");
      assertThat(page.getByText("look for the last chance")).isVisible();
    }
  }
}
