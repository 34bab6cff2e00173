package almanac.e2e;

import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Weighs the first page as it comes over the wire; run by {@code ./almanac bench}. */
class PageWeight {
  private static final double KILO = 1000;

  /** Counts the compressed bodies, also of what the worker for absent networks fetched before. */
  private static final String BODIES =
      """
      () => performance.getEntries()
          .map(entry => entry.encodedBodySize ?? 0)
          .reduce((sum, size) => sum + size)
      """;

  @TempDir Path data;

  @Test
  void firstPage() {
    try (var almanac = RunningAlmanac.demo(data);
        var browsing = Browsing.desk(almanac.address())) {
      browsing.open("/");
      browsing.page().waitForLoadState(LoadState.NETWORKIDLE);
      var bytes = (Number) browsing.page().evaluate(BODIES);
      System.out.printf(
          "first page, compressed, with fonts   %.0f kB (target 250)%n",
          bytes.doubleValue() / KILO);
    }
  }
}
