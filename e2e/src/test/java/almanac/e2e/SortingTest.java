package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** All plants at once: piles, filters, several at a time, and where they stand. */
class SortingTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  @Test
  void everyPlantIsOnTheFieldAndInOnePile() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/plants");
      assertThat(page.locator(".field svg a")).hasCount(64);
      var piles =
          page.locator(".pile").filter(new Locator.FilterOptions().setHasNotText("No longer"));
      int piled = piles.locator("b").allInnerTexts().stream().mapToInt(Integer::parseInt).sum();
      assertThat(piled).isEqualTo(64);
      page.locator(".pile").filter(new Locator.FilterOptions().setHasText("Now")).click();
      assertThat(page.locator("ul.sheet li")).hasCount(3);
      assertThat(page.locator(".field svg a")).hasCount(3);
      Find.entry(page, "Place").selectOption("Sunroom, low stage");
      assertThat(page.locator("ul.sheet li")).hasCount(2);
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void namesOnTheFieldNeverLieOverEachOther() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/plants");
      page.locator(".field svg text").first().waitFor();
      var boxes = page.locator(".field svg text").all().stream().map(Locator::boundingBox).toList();
      assertThat(boxes).hasSizeGreaterThan(10);
      for (int i = 0; i < boxes.size(); i++) {
        for (int j = i + 1; j < boxes.size(); j++) {
          var a = boxes.get(i);
          var b = boxes.get(j);
          boolean apart =
              a.x + a.width <= b.x + 4
                  || b.x + b.width <= a.x + 4
                  || a.y + a.height <= b.y + 4
                  || b.y + b.height <= a.y + 4;
          assertThat(apart).as("names %d and %d", i, j).isTrue();
        }
      }
    }
  }

  @Test
  void aCrowdOpensUpAndAPlantThatStandsAloneIsGoneTo() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/plants");
      var marks = page.locator(".field svg a");
      marks.first().waitFor();
      var boxes = marks.all().stream().map(Locator::boundingBox).toList();
      marks.nth(inTheThickOf(boxes)).dblclick();
      var whole = Find.button(page, "The whole field");
      assertThat(whole).isVisible();
      assertThat(page).hasURL(Pattern.compile(".*/plants"));
      whole.click();
      assertThat(marks).hasCount(64);
      marks.first().click();
      assertThat(page).hasURL(Pattern.compile(".*/plants/\\d+"));
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  /** Which of the marks has the most others close by. */
  private static int inTheThickOf(List<BoundingBox> marks) {
    return IntStream.range(0, marks.size())
        .boxed()
        .max(
            Comparator.comparingLong(
                i ->
                    marks.stream()
                        .filter(
                            other ->
                                Math.hypot(other.x - marks.get(i).x, other.y - marks.get(i).y) < 30)
                        .count()))
        .orElseThrow();
  }

  @Test
  void severalAreChosenAndPulledAside() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/plants");
      page.getByLabel("Choose Miltoniopsis Ferry Rain").check();
      page.getByLabel("Choose Phalaenopsis Tallow Light").check();
      Find.button(page, "Pull aside").click();
      page.getByText("aside", new Page.GetByTextOptions().setExact(true)).click();
      assertThat(page.locator("ul.sheet li")).hasCount(2);
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aPlantIsMovedByKeysAndFoundOnItsNewPlace() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/places");
      var sill =
          page.locator(".places > li").filter(new Locator.FilterOptions().setHasText("East sill"));
      var plant = sill.locator("ol a").first();
      var name = plant.innerText().replaceFirst("^\\d+\\s*", "").strip();
      plant.focus();
      page.keyboard().press("Alt+ArrowDown");
      assertThat(
              page.getByRole(AriaRole.STATUS)
                  .filter(new Locator.FilterOptions().setHasText("number")))
          .containsText(name + ": Cellar shelf under lights");
      assertThat(sill.getByText(name)).hasCount(0);
      assertThat(browsing.violations()).isEmpty();
      assertThat(browsing.complaints()).isEmpty();
    }
  }
}
