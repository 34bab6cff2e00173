package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The program is gone in the middle of a round, by a power cut, and comes back. */
class AwayTest {
  @TempDir Path data;

  @Test
  void aRoundGoesOnOverAReloadAndIsSentWhenTheProgramIsBack() throws Exception {
    try (var almanac = OwnProcess.demo(data);
        var browsing = Browsing.keeping(almanac.address())) {
      var page = AtWork.walk(browsing, "Sunroom, high stage");
      page.evaluate("navigator.serviceWorker.ready.then(() => 1)");
      page.waitForFunction("navigator.serviceWorker.controller !== null");
      page.reload();
      page.locator(".rows h1").waitFor();
      page.locator(".side .slip h2").waitFor();
      page.waitForFunction(
          "caches.open('almanac-said').then(c => c.keys()).then(k => k.length >= 10)");
      almanac.kill();

      page.keyboard().press("=");
      var first = page.locator(".rows h1").innerText();
      page.locator(".acts .next").click();
      assertThat(page.getByText("One look waits in this browser")).isVisible();
      page.reload();
      page.locator(".rows h1").waitFor();
      assertThat(page.getByText("Mellow Almanac does not answer.").first()).isVisible();
      assertThat(page.locator(".rows h1")).not().hasText(first);
      page.locator(".side .slip h2").waitFor();
      page.keyboard().press("=");
      page.locator(".acts .next").click();
      assertThat(page.getByText("2 looks wait in this browser")).isVisible();

      int port = URI.create(almanac.address()).getPort();
      try (var again = RunningAlmanac.start(data, "--demo", "--port=" + port)) {
        assertThat(again.address()).isEqualTo(almanac.address());
        assertThat(page.getByText("looks wait in this browser"))
            .hasCount(
                0,
                new com.microsoft.playwright.assertions.LocatorAssertions.HasCountOptions()
                    .setTimeout(20_000));
        assertThat(page.getByText("Mellow Almanac does not answer.")).hasCount(0);
        browsing.open("/plants").locator("ul.sheet").getByText(first).first().click();
        assertThat(Find.with(AtWork.journal(page).locator("li"), "15 May")).hasCount(1);
      }
    }
  }
}
