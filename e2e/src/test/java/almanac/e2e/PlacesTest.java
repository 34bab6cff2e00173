package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Places, what they give, and where each plant stands on them. */
class PlacesTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  private static Locator place(Page page, String name) {
    return Find.with(page.locator(".places > li"), name);
  }

  private static void carry(Page page, Locator from, Locator to) {
    page.waitForResponse("**/api/places/*/plants", () -> Carried.byMouse(page, from, to));
    assertThat(page.locator("li.sent")).hasCount(0);
  }

  private static String nameOf(Locator plant) {
    return plant.innerText().replaceFirst("^\\d+\\s*", "").strip();
  }

  @Test
  void aFingerThatRestsOnAPlantCarriesItAndOneThatSweepsScrolls() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = browsing.open("/places");
      page.waitForLoadState(LoadState.NETWORKIDLE);
      var plants = page.locator(".places > li ol li");
      var name = nameOf(plants.nth(2));
      plants.first().scrollIntoViewIfNeeded();
      page.waitForResponse(
          "**/api/places/*/plants",
          () -> Carried.byFinger(page, plants.nth(2), plants.first(), true));
      assertThat(page.locator("li.sent")).hasCount(0);
      assertThat(plants.first()).containsText(name);

      Carried.byFinger(page, plants.nth(2), plants.first(), false);
      assertThat(plants.first()).containsText(name);
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aPlantIsDraggedToItsNewPlace() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      browsing.page().setViewportSize(1280, 2200);
      var page = browsing.open("/places");
      page.waitForLoadState(LoadState.NETWORKIDLE);
      var low = place(page, "Sunroom, low stage");
      var moved = low.locator("ol a").first();
      var name = nameOf(moved);
      carry(page, moved, low.locator("ol li").nth(4));
      assertThat(low.locator("ol li").nth(4)).containsText(name);
      assertThat(low.locator("ol li").nth(4)).containsText("5");
      page.reload();
      page.waitForLoadState(LoadState.NETWORKIDLE);
      assertThat(low.locator("ol li").nth(4)).containsText(name);

      var high = place(page, "Sunroom, high stage");
      carry(page, low.locator("ol li").nth(4), high.locator("ol li").first());
      assertThat(high.locator("ol li").first()).containsText(name);
      high.locator("ol a").first().click();
      assertThat(page.locator(".where")).containsText("Sunroom, high stage");
      assertThat(AtWork.journal(page))
          .containsText("Moved from Sunroom, low stage to Sunroom, high stage");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aPlantIsMovedAlongItsPlaceByTheArrows() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/places");
      var cellar = place(page, "Cellar shelf under lights");
      var first = cellar.locator("ol a").first();
      var name = nameOf(first);
      first.focus();
      page.keyboard().press("Alt+ArrowRight");
      assertThat(cellar.locator("ol a").nth(1)).containsText(name);
      assertThat(cellar.locator("ol a").nth(1)).isFocused();
      page.keyboard().press("Alt+ArrowLeft");
      assertThat(cellar.locator("ol a").first()).containsText(name);
      assertThat(cellar.locator("ol a").first()).isFocused();
    }
  }

  @Test
  void aPlaceIsAddedMeasuredAndRemoved() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/places");
      Find.button(page, "Add a place").click();
      Find.entry(page, "Name").fill("East sill");
      Find.entry(page, "Lamps").fill("30");
      Find.button(page, "Save").click();
      assertThat(page.getByText("Lamps are on from 0 to 24 hours a day.")).isVisible();
      Find.entry(page, "Lamps").fill("12");
      Find.button(page, "Save").click();
      assertThat(page.getByText("There is a place of that name already.")).isVisible();
      Find.entry(page, "Name").fill("Wash house");
      Find.button(page, "Save").click();
      var wash = place(page, "Wash house");
      assertThat(wash).containsText("lamps 12 h a day");
      assertThat(wash).containsText("temperature not measured");

      Find.button(page, "Change Wash house").click();
      Find.button(page, "Take them from the sensor").click();
      assertThat(wash.getByRole(AriaRole.STATUS)).containsText("days read");
      assertThat(Find.entry(page, "Jan")).not().hasValue("");
      Find.button(page, "Save").click();
      assertThat(wash).containsText("°C by month");

      Find.button(page, "Walk to Wash house earlier").click();
      assertThat(page.locator(".places > li").nth(3)).containsText("Wash house");
      Find.button(wash, "Remove").click();
      assertThat(wash).hasCount(0);
      browsing.expectedRefusal();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aYearIsDrawnFromItsJanuaryAndItsJuly() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/places");
      Find.button(page, "Change East sill").click();
      Find.entry(page, "Jan").fill("14");
      Find.entry(page, "Jul").fill("26");
      Find.button(page, "Draw the curve").click();
      assertThat(Find.entry(page, "Apr")).hasValue("20");
      assertThat(Find.entry(page, "Dec")).hasValue("15");
      Find.button(page, "Back without saving").click();
      Find.button(page, "Change East sill").click();
      assertThat(Find.entry(page, "Jan")).hasValue("19");
    }
  }

  @Test
  void onATabletAPlaceIsReadWithoutPushing() {
    try (var browsing = Browsing.tablet(ALMANAC.address())) {
      browsing.open("/places");
      browsing.fitsTheScreen();
      assertThat(browsing.violations()).isEmpty();
    }
  }
}
