package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Two plants in one pot on the page of the one whose card stands for both. */
class OnePotTest {
  @Test
  void anotherIsPutIntoItsPotAndGetsItsOwnAgain(@TempDir Path data) {
    try (var almanac = RunningAlmanac.demo(data);
        var browsing = Browsing.phone(almanac.address())) {
      var page = browsing.open("/plants/" + browsing.idOf("Brassia Lock Keeper"));
      var card = Find.region(page, "Its card");
      card.getByText("Another grows in this pot too").click();
      Find.entry(page, "Which").fill("Cordwain");
      Find.group(page, "Plants").getByRole(AriaRole.CHECKBOX).check();
      Find.button(card, "One card for all in this pot").click();
      assertThat(card).containsText("In its pot too");
      browsing.fitsTheScreen();
      Find.with(card.getByRole(AriaRole.LINK), "Cordwain").click();
      assertThat(page.locator("h1")).hasText("Encyclia Cordwain");
      assertThat(Find.region(page, "Its card")).containsText("whose card stands for both");
      Find.button(page, "Apart again").click();
      assertThat(Find.button(page, "Apart again")).hasCount(0);
      assertThat(Find.region(page, "Its card")).containsText("Another grows in this pot too");
      assertThat(browsing.complaints()).isEmpty();
    }
  }
}
