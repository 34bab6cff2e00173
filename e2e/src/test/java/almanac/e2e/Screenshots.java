package almanac.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Draws docs/screenshots from the demo; run by {@code ./almanac screenshots}, not by the tests. */
class Screenshots {
  private static final Path FOLDER =
      Path.of(System.getProperty("almanac.screenshots", "target/screenshots"));

  @TempDir static Path data;
  private static RunningAlmanac almanac;

  @BeforeAll
  static void start() {
    almanac = RunningAlmanac.start(data, "--demo");
  }

  @AfterAll
  static void stop() {
    almanac.close();
  }

  @Test
  void desk() {
    try (var desk = Browsing.desk(almanac.address())) {
      shoot(desk, "/", "today");
      shoot(desk, "/plants", "plants");
      shoot(desk, "/plants/1", "plant");
      shoot(desk, "/plants/6", "rescue");
      shoot(desk, "/plants/new", "add-a-plant");
      shoot(desk, "/plants/1/inspect", "inspect");
      shoot(desk, "/plants/1/repot", "repot");
      shoot(desk, "/settings", "settings");
    }
  }

  @Test
  void lamp() {
    try (var lamp = Browsing.lamp(almanac.address())) {
      shoot(lamp, "/plants/1", "plant-by-lamp");
      shoot(lamp, "/", "today-by-lamp");
    }
  }

  @Test
  void phone() {
    try (var phone = Browsing.phone(almanac.address())) {
      shoot(phone, "/plants/1", "phone-plant");
      shoot(phone, "/plants/1/inspect", "phone-inspect");
      shoot(phone, "/", "phone-today");
    }
  }

  private static void shoot(Browsing browsing, String path, String name) {
    var page = browsing.open(path);
    page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
    page.evaluate("document.fonts.ready");
    page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
  }
}
