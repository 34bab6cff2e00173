package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The rounds of the coming weeks, on the days that somebody has. */
class RoundsAheadTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  @Test
  void roundsFollowTheDaysThatAreChosenAndAreWalkedFromHere() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = browsing.open("/round");
      var ahead = Find.region(page, "Rounds ahead");
      ahead.getByText("On which days you go round").click();
      var week = Find.group(page, "Days of the week");
      for (var day : new String[] {"Mon", "Tue", "Wed", "Thu", "Fri", "Sat"}) {
        Find.entry(week, day).uncheck();
        assertThat(Find.entry(week, day)).not().isChecked();
      }
      assertThat(ahead.locator("ol > li .head b").first()).containsText("Sun");
      Find.entry(week, "Sun").click();
      assertThat(ahead.getByText("Choose at least one day of the week.")).isVisible();
      browsing.fitsTheScreen();
      ahead.getByText("What is looked at").first().click();
      var first = ahead.locator("ol > li ul a").first().textContent();
      ahead.getByText("Walk it").first().click();
      assertThat(page.locator(".rows h1")).hasText(first);
      assertThat(browsing.complaints())
          .allMatch(complaint -> complaint.contains("status of 400"), "refused once");
    }
  }
}
