package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Media;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** How each look is taken: on a page of its own, and wherever a look is asked for. */
class FieldGuidePageTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  /** Cards on which an answer is not drawn, or drawn as another one is. */
  private static final String POORLY_DRAWN =
      """
      [...document.querySelectorAll('section.sheet')].filter(card => {
        const drawn = [...card.querySelectorAll('svg')];
        const told = new Set(drawn.map(svg => svg.innerHTML));
        return !drawn.length || told.size < drawn.length
          || drawn.some(svg => svg.querySelectorAll('path, circle, rect, ellipse').length < 2);
      }).map(card => card.id)
      """;

  private static Locator card(Page page, String title) {
    return page.locator("dialog[open]").filter(new Locator.FilterOptions().setHasText(title));
  }

  @Test
  void everyAnswerIsDrawnAsNoOther() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/guide");
      assertThat(page.locator("section.sheet svg").nth(100)).isVisible();
      assertThat(page.evaluate(POORLY_DRAWN)).isEqualTo(List.of());
      assertThat(page.locator("#smell")).containsText("vinegar");
      assertThat(page.locator("#smell")).containsText("Never smell at dry, dusty");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void rootsAreDrawnInTheUnitsChosen() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/guide");
      assertThat(page.locator("#newRoots svg").first()).containsText("100");
      assertThat(page.locator("#newRoots svg").first()).containsText("mm");
    }
  }

  @Test
  void isPrintedWithoutWhatIsForTheScreen() {
    try (var browsing = Browsing.lamp(ALMANAC.address())) {
      var page = browsing.open("/guide");
      page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
      assertThat(Find.button(page, "Print")).isHidden();
      assertThat(page.locator("nav[aria-label=Pages]")).isHidden();
      assertThat(page.locator("#leaves")).isVisible();
      assertThat(page.evaluate("getComputedStyle(document.documentElement).colorScheme"))
          .isEqualTo("light");
    }
  }

  @Test
  void isAskedForByKeyAtARowAndLeavesOneThere() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Brassia Lock Keeper", "/inspect");
      var wobbles = Find.group(page, "How it stands").getByLabel("wobbles a little");
      wobbles.check();
      page.keyboard().press("?");
      assertThat(card(page, "rock it gently")).isVisible();
      page.keyboard().press("Escape");
      assertThat(page.locator("dialog[open]")).hasCount(0);
      assertThat(wobbles).isFocused();
      assertThat(wobbles).isChecked();
      Find.entry(page, "Newest roots: longest, mm").fill("?");
      assertThat(page.locator("dialog[open]")).hasCount(0);
    }
  }

  @Test
  void isAskedForInARoundAlsoWhenTheLineIsDown() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = AtWork.walk(browsing, "East sill");
      page.locator(".slip h2").first().waitFor();
      page.waitForResponse("**/api/field-guide", page::reload);
      page.locator(".slip h2").first().waitFor();
      page.route("**/api/**", route -> route.abort());
      Find.button(page, "How to look: Leaves").click();
      assertThat(card(page, "springs back")).isVisible();
      Find.button(page, "Close").click();
      assertThat(page.locator("dialog[open]")).hasCount(0);
    }
  }

  @Test
  void isAskedForOnASlip() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Brassia Lock Keeper");
      var slip = page.locator(".slip");
      slip.locator("summary")
          .filter(new Locator.FilterOptions().setHasText("not looked at"))
          .click();
      Find.button(slip, "How to look: Leaves").click();
      assertThat(card(page, "springs back")).isVisible();
      Find.link(card(page, "springs back"), "The whole field guide").click();
      assertThat(page.locator("main h1")).hasText("Field guide");
      assertThat(page.locator("dialog[open]")).hasCount(0);
    }
  }
}
