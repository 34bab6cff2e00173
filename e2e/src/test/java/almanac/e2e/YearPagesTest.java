package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The year of all plants, of one, one week of it, and the ribbon that opens it. */
class YearPagesTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  @Test
  void theYearIsSortedFoundZoomedAndPushedByKeys() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/year");
      var rows = page.locator(".rows li");
      rows.first().waitFor();
      assertThat(rows.first().getByRole(AriaRole.LINK))
          .hasAttribute("aria-label", Pattern.compile("takes a move now"));
      var axis = page.locator(".axis svg");
      var before = axis.getAttribute("aria-label");
      page.keyboard().press("ArrowRight");
      assertThat(axis).not().hasAttribute("aria-label", before);
      Find.button(page, "decade").click();
      assertThat(axis.locator("text").first()).hasText(Pattern.compile("20\\d\\d"));
      page.keyboard().press("t");
      assertThat(axis).hasAttribute("aria-label", before);
      Find.entry(page, "Find a plant").fill("Lock Keeper");
      assertThat(rows).hasCount(1);
      assertThat(rows.locator(".open").first()).isVisible();
      assertThat(rows.locator(".unsafe").first()).isVisible();
      rows.getByRole(AriaRole.LINK).click();
      Find.link(page, "Years").click();
      assertThat(page.locator("ol li b").first()).hasText("2028");
      assertThat(page.locator("ol li")).not().hasCount(2);
      assertThat(browsing.complaints()).isEmpty();
      assertThat(browsing.violations()).isEmpty();
    }
  }

  @Test
  void aLongListIsDrawnOnlyWhereItIsSeenAndToItsEnd() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/year");
      var rows = page.locator(".rows li");
      rows.first().waitFor();
      assertThat(rows.count()).isLessThan(30);
      var first = rows.first().textContent();
      page.locator(".rows").evaluate("e => { e.scrollTop = e.scrollHeight }");
      assertThat(rows.first()).not().hasText(first);
    }
  }

  @Test
  void onAPhoneTheWeeksAreUnfoldedAndOneOfThemOpened() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = browsing.open("/");
      Find.button(page, "Weeks").click();
      var weeks = page.locator("#weeks a");
      assertThat(page.locator("#weeks a[aria-current=date]")).isInViewport();
      assertThat(weeks.first().boundingBox().width).isGreaterThanOrEqualTo(44);
      browsing.fitsTheScreen();
      assertThat(browsing.violations()).isEmpty();
      page.locator("#weeks a[aria-current=date]").click();
      assertThat(page.locator("h1")).hasText("10–16 May");
      assertThat(weeks).hasCount(0);
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void theRibbonIsWalkedByArrowsAndOpensItsWeek() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/rules");
      var ribbon = Find.group(page, "The year by weeks");
      var now = ribbon.locator("a[aria-current=date]");
      assertThat(now).hasAttribute("aria-label", Pattern.compile("look"));
      now.focus();
      page.keyboard().press("ArrowRight");
      page.keyboard().press("Enter");
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
          .hasText("17–23 May");
      assertThat(Find.region(page, "Saturday 22 May")).containsText("Bench day");
      Find.link(page, "the week after").click();
      assertThat(Find.region(page, "Monday 31 May")).hasCount(0);
      assertThat(Find.region(page, "Monday 24 May")).isVisible();
      page = browsing.open("/week/nonsense");
      assertThat(page.getByText("“nonsense” is no day")).isVisible();
      assertThat(browsing.violations()).isEmpty();
    }
  }

  @Test
  void byThumbAWeekFitsTheScreen() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = browsing.open("/week/2027-05-20");
      Find.region(page, "Saturday 22 May").waitFor();
      browsing.fitsTheScreen();
    }
  }
}
