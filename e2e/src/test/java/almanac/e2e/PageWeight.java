package almanac.e2e;

import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Weighs the first page as it comes over the wire; run by {@code ./almanac bench}. */
class PageWeight {
  private static final double KILO = 1000;

  @TempDir Path data;

  @Test
  void firstPage() {
    try (var almanac = RunningAlmanac.start(data, "--demo");
        var browsing = Browsing.desk(almanac.address())) {
      var bytes = new AtomicLong();
      browsing
          .page()
          .onRequestFinished(request -> bytes.addAndGet(request.sizes().responseBodySize));
      browsing.open("/");
      browsing.page().waitForLoadState(LoadState.NETWORKIDLE);
      System.out.printf(
          "first page, compressed, with fonts   %.0f kB (target 250)%n", bytes.get() / KILO);
    }
  }
}
