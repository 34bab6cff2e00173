package almanac.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A collection without a plant: readable, and it says what to do first. */
class EmptyPagesTest {
  private static final List<String> PAGES =
      List.of("/", "/plants", "/plants/new", "/places", "/round", "/tags", "/settings");

  @TempDir Path data;

  @Test
  void theFirstPagesCanBeReadByEverybody() {
    try (var almanac = RunningAlmanac.start(data)) {
      List<Function<String, Browsing>> screens = List.of(Browsing::desk, Browsing::phone);
      for (var screen : screens) {
        try (var browsing = screen.apply(almanac.address())) {
          for (var path : PAGES) {
            browsing.open(path);
            assertThat(browsing.violations()).as(path).isEmpty();
            assertThat(browsing.faintByLamp()).as(path).isEmpty();
          }
          browsing.open("/");
          PlaywrightAssertions.assertThat(Find.link(browsing.page().locator("main"), "Add a plant"))
              .isVisible();
          assertThat(browsing.complaints()).isEmpty();
        }
      }
    }
  }
}
