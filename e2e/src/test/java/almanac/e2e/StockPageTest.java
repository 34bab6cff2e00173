package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The stock on its page: counted, refused, put in, taken out and put back. */
class StockPageTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  private static Locator row(Page page, String name) {
    return Find.with(Find.region(page, "Stock").locator("li"), name);
  }

  @Test
  void whatIsCountedCanBeUndone() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/stock");
      var pots = row(page, "clear pot, 150 mm");
      assertThat(pots.locator("b")).hasText("2");
      Find.button(page, "One more of clear pot, 150 mm, 135 mm deep").click();
      assertThat(pots.locator("b")).hasText("3");
      Find.button(page, "Undo").first().click();
      assertThat(pots.locator("b")).hasText("2");
      assertThat(browsing.complaints()).isEmpty();
      Find.entry(page, "Litres of perlite").fill("-3");
      page.keyboard().press("Tab");
      assertThat(page.getByText("never less").first()).isVisible();
    }
  }

  @Test
  void whatIsPutInCanBeTakenOutAndPutBack() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/stock");
      page.getByText("Put something in stock").click();
      Find.button(page, "Put it in stock").click();
      assertThat(page.getByText("Say how much there is.").first()).isVisible();
      Find.entry(page, "How many").fill("1");
      Find.button(page, "Put it in stock").click();
      assertThat(page.getByText("Measure the pots across their rims.").first()).isVisible();
      Find.entry(page, "What").selectOption("something else");
      Find.entry(page, "Name").fill("labels of slate");
      Find.button(page, "Put it in stock").click();
      assertThat(row(page, "labels of slate")).isVisible();
      Find.button(page, "No longer keep labels of slate").click();
      assertThat(row(page, "labels of slate")).hasCount(0);
      Find.button(page, "Undo").first().click();
      assertThat(row(page, "labels of slate")).isVisible();
      assertThat(browsing.violations()).isEmpty();
      assertThat(browsing.open("/bench").getByText("gloves (out)")).isVisible();
    }
  }
}
