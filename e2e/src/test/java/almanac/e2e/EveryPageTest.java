package almanac.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
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
          "/plants/1",
          "/plants/3/inspect",
          "/plants/3/repot",
          "/plants/3/edit",
          "/places",
          "/round",
          "/tags",
          "/plants/63/hold",
          "/rules",
          "/kinds",
          "/settings");

  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  @Test
  void byDay() {
    look(Browsing::desk);
  }

  @Test
  void byLamp() {
    look(Browsing::lamp);
  }

  @Test
  void onAPhone() {
    look(Browsing::phone);
  }

  private static void look(Function<String, Browsing> through) {
    try (var browsing = through.apply(ALMANAC.address())) {
      for (var path : PAGES) {
        browsing.open(path);
        assertThat(browsing.violations()).as("what axe finds at %s", path).isEmpty();
        browsing.fitsTheScreen();
      }
      assertThat(browsing.complaints()).isEmpty();
    }
  }
}
