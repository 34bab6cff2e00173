package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** The page of a job at the bench. */
final class AtBench {
  private AtBench() {}

  static Locator step(Page page) {
    return page.locator("#step");
  }

  /** Begins a job on the plant whose page is open, or goes on with it. */
  static void begin(Page page) {
    Find.with(page.locator("button"), "bench").first().click();
    step(page).waitFor();
  }

  /** Goes to a step by the rail. */
  static void to(Page page, String title) {
    Find.with(page.locator("nav[aria-label='Steps of the job'] button"), title).click();
    assertThat(step(page)).hasText(title);
  }

  /** Waits until the program has everything that was told. */
  static void kept(Page page) {
    assertThat(page.locator(".kept")).hasText("Kept");
  }
}
