package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Walking round with wet hands: by keys, by touch, and with the line going down. */
class RoundTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  private static Locator answer(Page page, String row, String answer) {
    return Find.button(Find.group(page, row), answer);
  }

  @Test
  void byKeysAlone() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = AtWork.walk(browsing, "East sill");
      var first = page.locator(".rows h1").innerText();
      page.locator(".side .slip h2").waitFor();
      page.keyboard().press("=");
      assertThat(page.locator(".said")).containsText("Leaves: firm");
      page.keyboard().press("Enter");
      assertThat(page.locator(".rows h1")).not().hasText(first);
      page.keyboard().press("u");
      assertThat(page.locator(".rows h1")).hasText(first);
      page.keyboard().press("p");
      assertThat(page.getByText("Aside for the bench")).isVisible();
      page.keyboard().press("p");
      assertThat(page.getByText("Pull aside")).isVisible();
      assertThat(browsing.violations()).isEmpty();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void theSlipChangesAsIsTapped() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = AtWork.walk(browsing, "Sunroom, high stage");
      var verdict = page.locator(".side .slip h2");
      answer(page, "Roots in the pot", "mostly soft").click();
      assertThat(verdict).hasText("Rescue");
      assertThat(page.locator(".changed")).containsText("Changed since you tapped");
    }
  }

  @Test
  void aKnownPlantTakesTwoTapsWhenNothingHasChanged() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = AtWork.walk(browsing, "Cellar shelf under lights");
      int plants = page.locator(".stops li").count();
      for (int i = 0; i < plants; i++) {
        Find.button(page, "Same as last time").click();
        page.locator(".acts .next").click();
      }
      var said = page.getByText("plants looked at").innerText();
      double taps = Double.parseDouble(said.replaceAll(".* and ([\\d.]+) taps each.*", "$1"));
      assertThat(taps).as(said).isLessThanOrEqualTo(6);
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void onAPhoneAndATabletNothingHasToBePushedSideways() {
    List<Function<String, Browsing>> screens = List.of(Browsing::phone, Browsing::tablet);
    for (var screen : screens) {
      try (var browsing = screen.apply(ALMANAC.address())) {
        AtWork.walk(browsing, "East sill");
        browsing.fitsTheScreen();
        assertThat(browsing.violations()).isEmpty();
      }
    }
  }

  @Test
  void whatIsSeenWhileTheProgramDoesNotAnswerIsSentLaterAndOnce() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = AtWork.walk(browsing, "Sunroom, low stage");
      var plant = page.locator(".rows h1").innerText();
      page.route("**/api/plants/*/inspections", route -> route.abort());
      answer(page, "Level", "uneven").click();
      page.locator(".acts .next").click();
      page.reload();
      page.locator(".rows h1").waitFor();
      assertThat(page.locator(".stops").getByText("…")).hasCount(1);
      assertThat(page.locator(".stops").getByText("✓")).hasCount(0);
      page.unroute("**/api/plants/*/inspections");
      page.waitForResponse(
          response -> response.url().endsWith("/inspections") && response.status() == 201,
          () -> page.evaluate("window.dispatchEvent(new Event('online'))"));
      assertThat(page.locator(".stops").getByText("✓")).hasCount(1);
      browsing.plant(plant);
      assertThat(Find.with(page.locator("ol li"), "Level: uneven")).hasCount(1);
    }
  }

  @Test
  void onlyTheProgramsAnswerTicksAndWhatIsRefusedStaysToBeSeen() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = AtWork.walk(browsing, "Cellar shelf under lights");
      var plant = page.locator(".rows h1").innerText();
      page.route(
          "**/api/plants/*/inspections",
          route ->
              route.fulfill(
                  new Route.FulfillOptions()
                      .setStatus(400)
                      .setContentType("application/problem+json")
                      .setBody("{\"detail\":\"The shelf has fallen down.\"}")));
      answer(page, "Level", "uneven").click();
      page.locator(".acts .next").click();
      assertThat(page.getByText(plant + ": not saved.")).isVisible();
      page.locator(".acts .next").click();
      page.reload();
      page.locator(".rows h1").waitFor();
      assertThat(page.getByText("The shelf has fallen down.")).isVisible();
      assertThat(page.locator(".stops").getByText("✓")).hasCount(0);
      assertThat(page.locator(".stops .quiet")).containsText("0 of");
      browsing.open("/round");
      page.unroute("**/api/plants/*/inspections");
      page.waitForResponse(
          response -> response.url().endsWith("/inspections") && response.status() == 201,
          () -> Find.button(page, "Send again").click());
      assertThat(page.locator(".stops").getByText("✓")).hasCount(1);
      assertThat(page.getByText("not saved")).hasCount(0);
    }
  }

  @Test
  void whoJumpsAheadHasSeenNothingAndEnterAnswersTheRows() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = AtWork.walk(browsing, "Sunroom, high stage");
      var third = page.locator(".stops li button").nth(2);
      var name = third.locator("span").nth(1).innerText();
      third.focus();
      page.keyboard().press("Enter");
      assertThat(page.locator(".rows h1")).hasText(name);
      assertThat(page.locator(".stops .quiet")).containsText("0 of");
      page.locator(".side .slip h2").waitFor();
      page.keyboard().press("1");
      assertThat(page.locator(".said")).containsText("Leaves: firm");
      page.keyboard().press("Enter");
      assertThat(page.locator(".rows h1")).not().hasText(name);
      assertThat(page.locator(".stops .quiet")).containsText("1 of");
    }
  }

  /**
   * Whether what has the focus lies under the bar at the foot; what is in a bar itself does not.
   */
  private static final String HIDDEN =
      """
      (() => {
        const at = document.activeElement;
        if (at.closest('.acts, nav')) return '';
        const bar = document.querySelector('.acts').getBoundingClientRect().top;
        return at.getBoundingClientRect().bottom > bar ? at.outerHTML : '';
      })()
      """;

  @Test
  void onAPhoneTheBarHidesNothingThatHasTheFocus() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = AtWork.walk(browsing, "East sill");
      page.locator(".side .slip h2").waitFor();
      int rows = 0;
      for (int i = 0; i < 60; i++) {
        page.keyboard().press("Tab");
        assertThat(page.evaluate(HIDDEN)).as("after %d", i).isEqualTo("");
        rows += (boolean) page.evaluate("document.activeElement.closest('.row') !== null") ? 1 : 0;
      }
      assertThat(rows).as("it went through the rows").isGreaterThan(20);
    }
  }
}
