package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.ArrayDeque;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** From an empty program to the first verdict, every tap and key counted. */
class FirstDayTest {
  private static final int MOST = 25;

  private int counted;

  private void tap(Locator target) {
    target.click();
    counted++;
  }

  private void type(Page page, String text) {
    page.keyboard().type(text);
    counted += text.length();
  }

  @Test
  void aNewcomerHasAFirstVerdictWithinTwentyFiveTapsAndKeys(@TempDir Path data) {
    try (var almanac = RunningAlmanac.start(data);
        var browsing = Browsing.phone(almanac.address())) {
      var page = browsing.open("/");
      assertThat(page.locator("h1")).hasText("Welcome");
      tap(Find.link(page.getByRole(AriaRole.MAIN), "Add a plant"));
      tap(Find.entry(page, "Name on the label"));
      type(page, "Oncidium");
      assertThat(Find.entry(page, "Kind")).hasValue("Oncidium alliance");
      assertThat(page.getByText("By its genus")).isVisible();
      tap(Find.entry(page, "Name of the new place"));
      type(page, "Sill");
      tap(page.getByLabel("I do not know").first());
      browsing.fitsTheScreen();
      tap(Find.button(page, "Add the plant"));
      assertThat(AtWork.verdict(page)).isVisible();
      assertThat(page.locator("h1")).hasText("Oncidium");
      assertThat(counted).as("taps and keys").isLessThanOrEqualTo(MOST);
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void whatTheNameProposesGivesWayToWhatIsChosen(@TempDir Path data) {
    try (var almanac = RunningAlmanac.start(data);
        var browsing = Browsing.desk(almanac.address())) {
      var page = browsing.open("/plants/new");
      var name = Find.entry(page, "Name on the label");
      var kind = Find.entry(page, "Kind");
      name.fill("Cattleya Weir");
      assertThat(kind).hasValue("Cattleya, one-leaved");
      assertThat(page.getByText("A guess by its genus")).isVisible();
      name.fill("Vanda Weir");
      assertThat(kind).hasValue("Vanda");
      AtWork.kind(page, "clowesia", "Catasetum, Clowesia, Cycnoches");
      name.fill("Phalaenopsis Weir");
      assertThat(kind).hasValue("Catasetum, Clowesia, Cycnoches");
    }
  }

  @Test
  void whatTheNameProposesIsNotWrittenUnderTheHandsOfWhoeverLooksForAKind(@TempDir Path data) {
    try (var almanac = RunningAlmanac.start(data);
        var browsing = Browsing.desk(almanac.address())) {
      var page = browsing.open("/plants/new");
      var kind = Find.entry(page, "Kind");
      var asked = new ArrayDeque<Route>();
      page.route("**/api/labels?*", asked::add);
      page.waitForRequest(
          "**/api/labels?*", () -> Find.entry(page, "Name on the label").fill("Vanda Weir"));
      kind.fill("cly");
      page.waitForResponse("**/api/labels?*", () -> asked.forEach(Route::resume));
      assertThat(page.getByText("By its genus Vanda; it is taken when you go on")).isVisible();
      assertThat(kind).hasValue("cly");
      kind.fill("clowesia");
      assertThat(Find.option(page, "Catasetum, Clowesia, Cycnoches")).isVisible();
      Find.entry(page, "Name of the new place").focus();
      assertThat(kind).hasValue("Vanda");
    }
  }
}
