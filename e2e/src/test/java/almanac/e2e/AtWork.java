package almanac.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.RequestOptions;
import java.util.regex.Pattern;

/** What a grower does on a page, and what the page keeps of it. */
final class AtWork {
  /** As long as nothing is known of the day it is called by its name. */
  private static final Pattern TODAY =
      Pattern.compile("Today|cannot wait|round|bench day|Nothing asks");

  private AtWork() {}

  /** Waits for the page of the day, whatever it has to say already. */
  static void isToday(Page page) {
    PlaywrightAssertions.assertThat(page.locator("h1")).hasText(TODAY);
  }

  /** Taps one answer of a row. */
  static void pick(Page page, String row, String answer) {
    pick(Find.group(page, row), answer);
  }

  static void pick(Locator row, String answer) {
    Find.entry(row, answer).check();
  }

  /** Searches for the kind of a new plant, and takes what is found. */
  static void kind(Page page, String searched, String found) {
    Find.entry(page, "Kind").fill(searched);
    Find.option(page, found).click();
  }

  static Locator verdict(Page page) {
    return page.locator(".slip h2");
  }

  static Locator journal(Page page) {
    return Find.region(page, "Journal");
  }

  /** Starts a round of one place and stands before its first plant, whose rows can be answered. */
  static Page walk(Browsing browsing, String place) {
    var page = browsing.open("/round");
    Find.region(page, "Place by place").getByText(place).click();
    Find.button(page, "Start").click();
    page.locator(".rows h1").waitFor();
    page.locator(".rows .row").first().waitFor();
    return page;
  }

  /** Writes a look of today down without the page. */
  static void note(Browsing browsing, String plant, String looks) {
    var answer =
        browsing
            .page()
            .request()
            .post(
                "/api/plants/%d/inspections".formatted(browsing.idOf(plant)),
                RequestOptions.create()
                    .setHeader("Content-Type", "application/json")
                    .setData("{\"on\":\"2027-05-15\",\"looks\":%s}".formatted(looks)));
    assertThat(answer.status()).as(answer.text()).isEqualTo(201);
  }

  /** Opens what is folded while a plant is added. */
  static void unfold(Page page) {
    page.locator("summary", new Page.LocatorOptions().setHasText("More of it")).click();
  }
}
