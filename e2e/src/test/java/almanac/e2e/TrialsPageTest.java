package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Something is tried on a plant, looked at on the way, and closed. */
class TrialsPageTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  @Test
  void aTrialIsBegunFromItsPlantGivenUpAndTakenBackByThumb() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = browsing.plant("Cattleya Copper Bell");
      Find.link(page, "Try something on it").click();
      page.getByLabel("What is tried").fill("Charcoal in the bark");
      page.getByLabel("Held against").selectOption("EARLIER");
      assertThat(page.getByLabel("Judged on")).hasValue("2027-11-11");
      page.getByLabel("Judged on").fill("2027-08-01");
      Find.button(page, "Begin it").click();
      assertThat(page.locator("main")).containsText("From 2027-11-11 on it may be judged");
      browsing.fitsTheScreen();
      page.getByLabel("Judged on").fill("2027-12-01");
      Find.button(page, "Begin it").click();
      Find.link(page, "Charcoal in the bark").click();
      assertThat(Find.region(page, "How far it is")).containsText("no conclusion until 1 Dec");
      page.getByText("Give it up before its day").click();
      page.getByLabel("What came of it").fill("The charcoal ran out.");
      Find.button(page, "Close the trial").click();
      assertThat(Find.region(page, "How far it is")).containsText("The charcoal ran out.");
      Find.button(page.getByLabel("is closed"), "Undo").click();
      assertThat(Find.region(page, "How far it is")).containsText("no conclusion until 1 Dec");
      browsing.fitsTheScreen();
      assertThat(browsing.violations()).isEmpty();
    }
  }

  @Test
  void aMoveThatEndsATrialAsksFirst() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/trials");
      Find.link(page, "Seaweed with every second watering").click();
      Find.with(Find.region(page, "Tried on").locator("a"), "Brassia Balance Beam").click();
      assertThat(page.locator("main")).containsText("On trial until 2 Sept");
      Find.with(page.locator("button"), "To the bench").first().click();
      var asked = Find.region(page, "It stands in a trial");
      assertThat(asked).containsText("Seaweed with every second watering");
      assertThat(page.locator(".rail")).hasCount(0);
      Find.button(asked, "Move it all the same").click();
      assertThat(page.locator(".rail")).isVisible();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void whatItCameToIsDrawnWithBothSides() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/trials");
      Find.link(page, "A small fan over the low stage").click();
      var dry = Find.region(page, "Days to dry");
      assertThat(dry.locator("svg").first()).isVisible();
      assertThat(dry).containsText("less (");
      assertThat(Find.region(page, "Newest growth, size")).containsText("no difference");
      assertThat(Find.region(page, "Leaves")).containsText("firm × 5");
      assertThat(browsing.violations()).isEmpty();
      assertThat(browsing.complaints()).isEmpty();
    }
  }
}
