package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Page;
import java.net.URI;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Opened in the settings, used on a phone, and closed to it again. */
class AtHomeTest {
  private static final String PASSPHRASE = "quiet towpath heron";

  private static String opened(Page desk) {
    desk.getByLabel("Passphrase").fill(PASSPHRASE);
    desk.getByLabel("Passphrase").press("Enter");
    assertThat(desk.getByText("Open the camera of the phone on this")).isVisible();
    var way = desk.locator("#network ~ * code").first().textContent();
    return "https://127.0.0.1:" + URI.create(way).getPort();
  }

  private static void comeIn(Page phone) {
    phone.getByLabel("Passphrase").fill(PASSPHRASE);
    phone.getByLabel("Name of this device").fill("Potting bench");
    Find.button(phone, "Come in").click();
  }

  @Test
  void aPhoneComesInIsSeenIsInstallableAndIsLetOut(@TempDir Path data) {
    try (var almanac = RunningAlmanac.demo(data);
        var desk = Browsing.desk(almanac.address())) {
      var settings = desk.open("/settings");
      var address = opened(settings);
      assertThat(desk.violations()).isEmpty();
      try (var phone = Browsing.phone(address)) {
        var page = phone.open("/plants");
        assertThat(page.locator("h1")).hasText("Mellow Almanac");
        phone.fitsTheScreen();
        assertThat(phone.violations()).isEmpty();
        page.getByLabel("Passphrase").fill("a wrong passphrase");
        Find.button(page, "Come in").click();
        assertThat(page.getByText("This is not the passphrase.")).isVisible();
        comeIn(page);
        assertThat(page.locator("h1")).hasText("Plants");
        assertThat(page.getByText("Brassia Lock Keeper").last()).isVisible();
        assertThat(installable(page)).isEmpty();

        desk.open("/settings");
        var devices = settings.getByText("Potting bench");
        assertThat(devices).isVisible();
        settings.getByLabel("Let Potting bench in no longer").click();
        assertThat(devices).hasCount(0);
        phone.open("/places");
        assertThat(page.getByLabel("Passphrase")).isVisible();
      }
      desk.open("/settings");
      Find.button(settings, "Close it").click();
      assertThat(Find.button(settings, "Open it at home")).isVisible();
      assertThat(desk.complaints()).isEmpty();
    }
  }

  /** What keeps the browser from putting it on the home screen. */
  private static String installable(Page page) {
    var session = page.context().newCDPSession(page);
    try {
      var errors =
          session.send("Page.getInstallabilityErrors").getAsJsonArray("installabilityErrors");
      var manifest = session.send("Page.getAppManifest");
      assertThat(manifest.getAsJsonArray("errors")).isEmpty();
      assertThat(manifest.get("url").getAsString()).endsWith("/manifest.webmanifest");
      var all = new StringBuilder();
      errors.forEach(
          each -> all.append(((JsonObject) each).get("errorId").getAsString()).append(' '));
      return all.toString().replace("in-incognito ", "");
    } finally {
      session.detach();
    }
  }

  @Test
  void onThePhoneItOpensAlsoWhileItIsClosed(@TempDir Path data) {
    try (var almanac = RunningAlmanac.demo(data);
        var desk = Browsing.desk(almanac.address())) {
      var settings = desk.open("/settings");
      try (var phone = Browsing.keepingPhone(opened(settings))) {
        var page = phone.open("/");
        comeIn(page);
        AtWork.isToday(page);
        page.waitForFunction("() => navigator.serviceWorker.ready.then(r => !!r.active)");
        page.reload();
        AtWork.isToday(page);
        Find.button(settings, "Close it").click();
        assertThat(Find.button(settings, "Open it at home")).isVisible();
        page.reload();
        AtWork.isToday(page);
        assertThat(page.getByText("does not answer").first()).isVisible();
      }
    }
  }
}
