package almanac.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Every page of the demo: readable for everybody, in both lights, on a desk and on a phone. */
class EveryPageTest {
  private static final List<String> PAGES =
      List.of(
          "/",
          "/plants",
          "/plants/new",
          "/plants/sheet",
          "/plants/Brassia Lock Keeper",
          "/plants/Encyclia Cordwain/inspect",
          "/plants/Encyclia Cordwain/repot",
          "/plants/Encyclia Cordwain/edit",
          "/places",
          "/round",
          "/tags",
          "/plants/Miltoniopsis Market Day/hold",
          "/rules",
          "/kinds",
          "/guide",
          "/sums",
          "/rules/apart",
          "/bench",
          "/bench/2027-05-22",
          "/checks",
          "/stock",
          "/small-jobs",
          "/treatments",
          "/year",
          "/year/ahead?by=months",
          "/year/ahead?by=weeks",
          "/taught",
          "/trainer",
          "/opinion",
          "/trials",
          "/year/review?of=2026",
          "/plants/Brassia Balance Beam/papers",
          "/settings");

  /** Between them they show every hue on every ground. */
  private static final List<String> HUES =
      List.of("/", "/plants", "/plants/Brassia Lock Keeper", "/rules", "/round", "/guide");

  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  @Test
  void byDayForEverybody() {
    onEach(PAGES, Browsing::desk, browsing -> assertThat(browsing.violations()).isEmpty());
  }

  @Test
  void byLampStillToBeRead() {
    onEach(HUES, Browsing::lamp, browsing -> assertThat(browsing.faint()).isEmpty());
  }

  /** What can be touched and is smaller than a thumb; the link to the page lies off the screen. */
  private static final String TOO_SMALL =
      """
      [...document.querySelectorAll('a[href], button, input, select, textarea, summary')]
        .filter(e => !e.closest('.skip'))
        .map(e => [e, (e.matches('[type=checkbox], [type=radio], [type=file]') ? e.closest('label') ?? e : e)
            .getBoundingClientRect()])
        .filter(([e, r]) => r.width > 2 && r.height > 2 && (r.width < 43.5 || r.height < 43.5))
        .map(([e, r]) => `${e.tagName} ${e.getAttribute('aria-label') ?? e.textContent.trim()} ${r.width}x${r.height}`)
      """;

  @Test
  void onAPhoneNothingIsPushedSidewaysAndEverythingIsAsLargeAsAThumb() {
    onEach(
        PAGES,
        Browsing::phone,
        browsing -> {
          PlaywrightAssertions.assertThat(browsing.page().getByText("Looking it up")).hasCount(0);
          assertThat(browsing.page().locator("a, button, input").count()).isGreaterThan(8);
          browsing.fitsTheScreen();
          assertThat(browsing.page().evaluate(TOO_SMALL).toString()).isEqualTo("[]");
        });
  }

  @Test
  void whatIsWrongIsSeen() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      browsing
          .open("/stock")
          .evaluate(
              "document.querySelector('main').insertAdjacentHTML('beforeend',"
                  + " '<input type=text><p style=\"color: #888; background: #999\">faint</p>')");
      assertThat(browsing.faint()).hasSize(1).first().asString().contains("faint");
      assertThat(browsing.violations())
          .extracting(found -> found.substring(0, found.indexOf(':')))
          .contains("label", "color-contrast");
    }
  }

  private static void onEach(
      List<String> pages, Function<String, Browsing> through, Consumer<Browsing> isAsItShould) {
    try (var browsing = through.apply(ALMANAC.address())) {
      for (var path : pages) {
        browsing.open(path);
        assertThatCode(() -> isAsItShould.accept(browsing)).as(path).doesNotThrowAnyException();
      }
      assertThat(browsing.complaints()).isEmpty();
    }
  }
}
