package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Units, days, the latitude and the light they give, and the kinds of plants. */
class SettingsTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  @AfterEach
  void asItWas() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/settings");
      Find.entry(page, "Lengths").selectOption("millimetres");
      Find.entry(page, "Temperatures").selectOption("°C");
      Find.entry(page, "Volumes").selectOption("litres and millilitres");
      Find.entry(page, "Days").selectOption("16 May");
      assertThat(Find.entry(page, "Days")).hasValue("WORDS");
    }
  }

  /** Chooses, and goes on when it is kept. */
  private static void choose(Page page, String setting, String choice) {
    page.waitForResponse(
        response -> response.url().endsWith("/api/site/units"),
        () -> Find.entry(page, setting).selectOption(choice));
  }

  @Test
  void inchesAreTypedAndRead() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/settings");
      choose(page, "Lengths", "inches");
      choose(page, "Temperatures", "°F");
      choose(page, "Volumes", "US quarts and fluid ounces");
      choose(page, "Days", "2027-05-16, the same in every language");
      browsing.open("/places");
      assertThat(Find.with(page.locator(".places > li"), "Sunroom, low stage"))
          .containsText("64.4 to 73.4 °F by month");
      browsing.open("/rules");
      assertThat(page.getByLabel("roots.nub-most, in")).hasValue("0.79");
      browsing.plant("Cattleya Weir Song", "/repot");
      Find.entry(page, "Across the rim").fill("4.5");
      Find.entry(page, "Depth").fill("4");
      assertThat(page.locator("main")).containsText("It holds 29 fl oz; 1 qt of loose mix");
      Find.button(page, "Log the repot").click();
      assertThat(Find.region(page, "Medium")).containsText("4.5 in, holds 29 fl oz");
      assertThat(Find.region(page, "Medium")).containsText("2027-05-15");
      assertThat(AtWork.journal(page)).containsText("4.5 in");
      page.keyboard().press("r");
      assertThat(Find.entry(page, "Across the rim")).hasValue("4.5");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aPotThatCannotBeIsSaidAtItsField() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Cattleya Copper Bell", "/repot");
      Find.entry(page, "Across the rim").fill("3");
      Find.button(page, "Log the repot").click();
      assertThat(page.getByText("A pot's diameter goes from 20 to 1000 mm.")).isVisible();
      Find.entry(page, "Across the rim").fill("wide");
      Find.button(page, "Log the repot").click();
      assertThat(page.locator(".fault").first()).isVisible();
      assertThat(Find.entry(page, "Across the rim")).hasValue("wide");
    }
  }

  @Test
  void theLightOfTheYearFollowsTheLatitude() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/settings");
      assertThat(page.locator("header")).containsText("16 h 21 of light");
      Find.entry(page, "Latitude").fill("91");
      Find.button(page, "Save").click();
      assertThat(page.getByText("A latitude lies between")).isVisible();
      Find.entry(page, "Latitude").fill("-34");
      Find.button(page, "Save").click();
      assertThat(page.locator("header")).containsText("10 h");
      Find.entry(page, "Latitude").fill("56");
      Find.button(page, "Save").click();
      assertThat(page.locator("header")).containsText("16 h 21 of light");
      browsing.expectedRefusal();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void lampLightStaysOverAReload() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/settings");
      var paper =
          "getComputedStyle(document.querySelector('.app') ?? document.body).backgroundColor";
      var day = page.evaluate(paper);
      page.getByText("Lamp light, for evenings").click();
      page.waitForFunction("was => " + paper + " !== was", day);
      page.reload();
      page.waitForFunction("was => " + paper + " !== was", day);
      page.locator("h1").waitFor();
      assertThat(browsing.violations()).isEmpty();
    }
  }

  @Test
  void aKindIsCopiedAndItsPlantsAreJudgedByIt() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/kinds");
      Find.button(page, "Copy Vanda").click();
      Find.entry(page, "Name").fill("Vanda of the weir");
      Find.button(page, "Save").click();
      assertThat(page.getByText("Vanda of the weir saved")).isVisible();
      var added = Find.with(page.locator("main ul.sheet > li"), "Vanda of the weir");
      assertThat(added).hasCount(1);
      browsing.plant("Vanda Blue Gate", "/edit");
      Find.entry(page, "Kind").selectOption("Vanda of the weir");
      Find.button(page, "Save").click();
      assertThat(page.locator(".where")).containsText("Vanda of the weir");
      browsing.open("/kinds");
      Find.button(added, "Remove").click();
      assertThat(page.getByText("1 plants are of this kind; give them another one first."))
          .isVisible();
    }
  }
}
