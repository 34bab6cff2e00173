package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What was noted is not changed by looking at it, and what was done can be undone. */
class NothingLostTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  @Test
  void theSameNotedTwiceOnOneDayLeavesThePageWhole() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.page();
      for (int i = 1; i <= 2; i++) {
        AtWork.note(
            browsing,
            "Zygopetalum Night Mail",
            """
            {"bloom":{"answers":["OPEN"],"measured":%1$d},
             "daysToDry":{"answers":[],"measured":%2$d},
             "newRoots":{"answers":[],"measured":%2$d}}"""
                .formatted(i, 6 + i));
      }
      browsing.plant("Zygopetalum Night Mail");
      assertThat(AtWork.verdict(page)).isVisible();
      assertThat(Find.region(page, "Bloom").locator("circle").last()).isVisible();
      assertThat(page.getByText("This cannot be drawn")).hasCount(0);
      assertThat(AtWork.journal(page)).isVisible();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  /** Roots that nobody can draw, in what the program says of a plant. */
  private static final String BROKEN =
      """
      const asked = window.fetch;
      window.fetch = async (...all) => {
        const answer = await asked(...all);
        if (!/plants\\/[0-9]+$/.test(answer.url)) return answer;
        const plant = await answer.json();
        plant.slip.roots = [{ lead: 'F' }];
        return Response.json(plant);
      };
      """;

  @Test
  void aPartThatCannotBeDrawnSaysSoAndLeavesTheRest() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.page();
      page.addInitScript(BROKEN);
      browsing.plant("Zygopetalum Night Mail");
      assertThat(page.getByText("This cannot be drawn: the roots.")).isVisible();
      assertThat(AtWork.verdict(page)).isVisible();
      assertThat(AtWork.journal(page)).isVisible();
    }
  }

  @Test
  void inInchesAnUntouchedCorrectionChangesNothing() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.page();
      AtWork.note(
          browsing,
          "Promenaea Small Coin",
          "{\"newRoots\":{\"answers\":[\"NUB\"],\"measured\":20}}");
      browsing.open("/settings");
      page.waitForResponse(
          answer -> answer.url().endsWith("/api/site/units"),
          () -> page.getByLabel("Lengths").selectOption("inches"));
      browsing.plant("Promenaea Small Coin");
      var verdict = AtWork.verdict(page).innerText();
      page.getByLabel("Correct the inspection of 15 May").first().click();
      assertThat(page.getByLabel("Newest roots: longest, in")).hasValue("0.79");
      Find.button(page, "Save and judge").click();
      assertThat(AtWork.verdict(page)).hasText(verdict);
      assertThat(
              page.evaluate(
                  "fetch('/api/plants/%d').then(r => r.json()).then(p => p.journal.find(l => l.standing === 'HOLDS' && l.looks.newRoots).looks.newRoots.measured)"
                      .formatted(browsing.idOf("Promenaea Small Coin"))))
          .isEqualTo(20);
      browsing.open("/settings").getByLabel("Lengths").selectOption("millimetres");
    }
  }

  @Test
  void takingBackCanBeUndone() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.page();
      AtWork.note(
          browsing, "Gongora Crane Hook", "{\"rootsInPot\":{\"answers\":[\"MOSTLY_SOFT\"]}}");
      browsing.plant("Gongora Crane Hook");
      assertThat(AtWork.verdict(page)).hasText("Rescue");
      page.getByLabel("Take back: Roots in the pot: mostly soft").click();
      assertThat(AtWork.verdict(page)).not().hasText("Rescue");
      Find.button(page, "Undo").last().click();
      assertThat(AtWork.verdict(page)).hasText("Rescue");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aRepotIsCorrected() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Stanhopea Coal Scuttle", "/repot");
      Find.button(page, "Log the repot").click();
      assertThat(AtWork.verdict(page)).hasText("Leave");
      page.getByLabel("Correct the potting of 15 May").click();
      Find.entry(page, "Across the rim").fill("222");
      Find.button(page, "Keep the correction").click();
      assertThat(AtWork.journal(page).locator("del")).hasCount(1);
      assertThat(Find.region(page, "Medium")).containsText("222 mm");
    }
  }

  @Test
  void aChangedCardIsPutBack() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Cattleya Gauge Board");
      var name = page.locator("h1").innerText();
      page.keyboard().press("e");
      Find.entry(page, "Believed to be").fill("Oncidium Other Name");
      Find.button(page, "Save").click();
      assertThat(page.locator("h1")).hasText("Oncidium Other Name");
      Find.button(page, "Undo").click();
      assertThat(page.locator("h1")).hasText(name);
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aMovedPlantIsPutBack() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/places");
      var places = page.locator(".places > li");
      var plant = places.nth(1).locator("ol a").first();
      plant.waitFor();
      var before = places.nth(1).locator("ol").innerText();
      plant.focus();
      page.keyboard().press("Alt+ArrowUp");
      assertThat(page.getByText("moved").last()).isVisible();
      assertThat(places.nth(1).locator("ol")).not().hasText(before);
      Find.button(page, "Undo").last().click();
      assertThat(places.nth(1).locator("ol"))
          .hasText(Pattern.compile(before.split("\n")[1].strip()));
    }
  }

  @Test
  void whatBecameOfAPlantIsFoundAndSaid() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Cattleya Lantern Bridge");
      var name = page.locator("h1").innerText();
      page.keyboard().press("e");
      page.getByLabel("Status").selectOption("given away");
      Find.entry(page, "Why").fill("to the ferryman");
      Find.button(page, "Save").click();
      assertThat(page.locator("#gone")).containsText("given away");
      assertThat(page.getByText("to the ferryman").first()).isVisible();
      assertThat(page.locator(".slip")).hasCount(0);
      assertThat(Find.link(page, "Inspect")).hasCount(0);

      browsing.open("/plants");
      page.getByPlaceholder("Name, number…").fill("ferryman");
      var gone =
          page.getByRole(com.microsoft.playwright.options.AriaRole.LIST)
              .filter(new Locator.FilterOptions().setHasText(name));
      assertThat(gone).containsText("to the ferryman");
      gone.getByRole(com.microsoft.playwright.options.AriaRole.LINK).click();
      assertThat(page.locator("#gone")).isVisible();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aPictureGoesOnlyWhenItWasSaidTwice() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Cattleya Weir Song", "/photos");
      assertThat(page.locator("li img").first()).isVisible();
      int before = page.locator("li img").count();
      Find.button(page, "Remove it").click();
      assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERTDIALOG)).isVisible();
      Find.button(page, "Keep it").click();
      assertThat(page.locator("li img")).hasCount(before);
      Find.button(page, "Remove it").click();
      Find.button(
              page.getByRole(com.microsoft.playwright.options.AriaRole.ALERTDIALOG), "Remove it")
          .click();
      assertThat(page.locator("li img")).hasCount(before - 1);
    }
  }

  @Test
  void digitsGoFromSectionToSection() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Cattleya Tow Line", "/inspect");
      page.locator("details[open] input").first().waitFor();
      page.keyboard().press("7");
      assertThat(page.locator("details:nth-of-type(7)")).hasAttribute("open", "");
      assertThat(page.locator("details:nth-of-type(7) fieldset input").first()).isFocused();
      page.keyboard().press("0");
      assertThat(Find.button(page, "Save and judge")).isFocused();
      page.keyboard().press("1");
      page.keyboard().press("ArrowRight");
      page.keyboard().press("Control+Enter");
      assertThat(page.locator("#verdict")).isFocused();
    }
  }
}
