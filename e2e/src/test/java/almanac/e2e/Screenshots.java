package almanac.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
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
    almanac = RunningAlmanac.demo(data);
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
      shoot(desk, "/plants/Brassia Lock Keeper", "plant");
      shoot(desk, "/plants/Brassia Lock Keeper/inspect", "inspect");
      shoot(desk, "/bench", "bench-days");
      shoot(desk, "/year", "year");
      shoot(desk, "/taught", "taught");
      shoot(desk, "/trainer", "trainer");
      shoot(desk, "/year/ahead", "year-ahead");
      shoot(desk, "/guide#newRoots", "guide");
      whatIf(desk);
      rules(desk);
      round(desk, "round");
      bench(desk, "bench");
      parting(desk);
      shoot(desk, "/stock", "stock");
    }
  }

  @Test
  void phone() {
    try (var phone = Browsing.phone(almanac.address())) {
      round(phone, "phone-round");
      bench(phone, "phone-bench");
    }
  }

  private static void whatIf(Browsing desk) {
    var page = desk.plant("Oncidium Slow Barge");
    page.keyboard().press("w");
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Newest roots"))
        .getByLabel("nubs")
        .check();
    page.getByText("instead of wait").waitFor();
    keep(page, "what-if");
  }

  private static void rules(Browsing desk) {
    var page = desk.open("/rules#verdict.leave-below");
    page.getByLabel("verdict.leave-below, points").fill("45");
    page.getByText("verdicts would change").waitFor();
    keep(page, "rules");
  }

  private static void round(Browsing browsing, String name) {
    var page = browsing.open("/round");
    Find.region(page, "Place by place").getByText("East sill").click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start")).click();
    page.locator(".side .slip h2").waitFor();
    page.keyboard().press("=");
    page.locator(".said").getByText("“").waitFor();
    keep(page, name);
  }

  private static void bench(Browsing browsing, String name) {
    var page = browsing.plant("Phalaenopsis Tallow Light");
    page.getByText("Go on at the bench").click();
    page.locator("#step").waitFor();
    page.locator("nav[aria-label='Steps of the job'] button")
        .filter(new Locator.FilterOptions().setHasText("Tally the roots"))
        .click();
    page.locator(".comes ul").waitFor();
    keep(page, name);
  }

  /** A second front is drawn, the plant is cut, and its pot chosen. */
  private static void parting(Browsing browsing) {
    var page = browsing.plant("Encyclia Cordwain");
    AtBench.begin(page);
    AtBench.to(page, "Part it");
    page.locator(".growth").first().click();
    for (int i = 0; i < 3; i++) {
      Find.with(page.locator(".editor button"), "One more").click();
    }
    Find.button(page, "Back to the plans").click();
    Find.with(page.locator(".plans button"), "Two pieces").click();
    page.getByText("Piece A").waitFor();
    AtBench.kept(page);
    page.mouse().wheel(0, 120);
    keep(page, "parting");
    AtBench.to(page, "Pot and place");
    page.locator(".seats button").first().click();
    page.getByText("Shift it").waitFor();
    keep(page, "pot");
  }

  private static void shoot(Browsing browsing, String path, String name) {
    var page = browsing.open(path);
    keep(page, name);
  }

  private static void keep(Page page, String name) {
    page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
    page.evaluate("document.fonts.ready");
    page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
  }
}
