package almanac.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

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

  /** Between them they show every hue on every ground. */
  private static final List<String> HUES = List.of("/", "/plants", "/plants/1", "/rules", "/round");

  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  @Test
  void byDayForEverybody() {
    onEach(PAGES, Browsing::desk, browsing -> assertThat(browsing.violations()).isEmpty());
  }

  @Test
  void byLampStillToBeRead() {
    onEach(HUES, Browsing::lamp, browsing -> assertThat(browsing.faint()).isEmpty());
  }

  @Test
  void onAPhoneWithoutPushingSideways() {
    onEach(PAGES, Browsing::phone, Browsing::fitsTheScreen);
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
