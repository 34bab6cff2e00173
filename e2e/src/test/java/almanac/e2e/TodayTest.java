package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The day at one glance, and where it leads. */
class TodayTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  @Test
  void allOfItStandsOnOneScreenAndNamesWhatCannotWait() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/");
      assertThat(page.locator("h1")).containsText("Three cannot wait; one round");
      assertThat(Find.region(page, "Take in hand").locator("li")).hasCount(3);
      assertThat(Find.region(page, "Windows this week")).containsText("Encyclia Cordwain");
      assertThat(Find.region(page, "Saturday 22 May")).containsText("25 minutes too many");
      var deep =
          ((Number) page.evaluate("document.documentElement.scrollHeight - innerHeight"))
              .intValue();
      assertThat(deep).as("pixels below the screen").isLessThanOrEqualTo(0);
      assertThat(browsing.complaints()).isEmpty();
      assertThat(browsing.violations()).isEmpty();
    }
  }

  @Test
  void theRoundIsWalkedFromHereAndTheLooksHaveTheirPage() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = browsing.open("/");
      Find.button(page, "Walk it").click();
      assertThat(page.locator(".rows h1")).isVisible();
      page = browsing.open("/checks");
      var due = Find.region(page, "Look at").locator("li");
      due.first().waitFor();
      var before = due.count();
      assertThat(before).isPositive();
      Find.button(Find.with(due, "Nothing new").first(), "Nothing new").click();
      assertThat(due).hasCount(before - 1);
      Find.button(page, "Undo").first().click();
      assertThat(due).hasCount(before);
      browsing.fitsTheScreen();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void smallJobsAreTickedTogetherAndGivenBack() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = browsing.open("/small-jobs");
      var sill = Find.region(page, "East sill");
      sill.locator("li").first().waitFor();
      var before = sill.locator("li").count();
      sill.getByText("all of them").click();
      Find.button(page, "Done: %d jobs".formatted(before)).click();
      assertThat(sill).hasCount(0);
      Find.button(page, "Undo").first().click();
      assertThat(sill.locator("li")).hasCount(before);
      browsing.fitsTheScreen();
      page.getByText("A small job or a look of your own").click();
      Find.entry(page, "What is to be done").fill("Turn it to the light");
      Find.button(page, "Give it to them").click();
      assertThat(page.getByText("Choose at least one plant.").first()).isVisible();
      Find.entry(page, "On which plants").fill("Halyard");
      Find.group(page, "Plants").getByRole(AriaRole.CHECKBOX).check();
      Find.button(page, "Give it to 1 plant").click();
      assertThat(Find.region(page, "Sunroom, high stage")).containsText("Turn it to the light");
      Find.button(page, "something to look at").click();
      Find.entry(page, "What do you want to know").fill("Has this growth ripened?");
      Find.entry(page, "Again every so many weeks").fill("3");
      Find.entry(page, "On which plants").fill("Halyard");
      Find.group(page, "Plants").getByRole(AriaRole.CHECKBOX).check();
      Find.button(page, "Give it to 1 plant").click();
      var booked = Find.region(page, "Booked by you");
      assertThat(booked).containsText("Has this growth ripened? a look, 15 May, every 3 weeks");
      Find.button(
              booked.locator("li").filter(new Locator.FilterOptions().setHasText("ripened")),
              "Take it back")
          .click();
      assertThat(booked.getByText("ripened")).hasCount(0);
    }
  }

  @Test
  void aSmallJobIsDoneOnThePageOfItsPlantAndGivenBack() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = browsing.open("/small-jobs");
      var first = Find.region(page, "East sill").locator("li").first();
      first.getByRole(AriaRole.LINK).click();
      var jobs = Find.region(page, "Small jobs").locator("li");
      jobs.first().waitFor();
      var before = jobs.allTextContents();
      Find.button(jobs.first(), "Done").click();
      assertThat(jobs).hasCount(before.size() - 1);
      Find.button(page, "Undo").first().click();
      assertThat(jobs).hasCount(before.size());
      assertThat(jobs.allTextContents()).isEqualTo(before);
      browsing.fitsTheScreen();
      assertThat(browsing.complaints()).isEmpty();
    }
  }
}
