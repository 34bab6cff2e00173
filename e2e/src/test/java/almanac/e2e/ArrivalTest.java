package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A new plant: looked over, kept apart, and held in the pot it came in by what its soak says. */
class ArrivalTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  private static Page arrive(Browsing browsing, String name) {
    var page = browsing.open("/plants/new");
    Find.entry(page, "Name on the label").fill(name);
    AtWork.kind(page, "odonto", "Oncidium alliance");
    Find.entry(page, "Place").selectOption("East sill");
    Find.entry(page, "Potted on").fill("2025-03");
    AtWork.unfold(page);
    page.getByLabel("What it stands in").selectOption("medium bark (8–12 mm)");
    Find.entry(page, "Came on").fill("yesterday");
    Find.entry(page, "Came from").fill("a swap at the lock");
    page.getByLabel("Keep it apart, and look it over now").check();
    Find.button(page, "Add the plant").click();
    page.getByText("photograph it with its tag").waitFor();
    return page;
  }

  @Test
  void lookedOverHeldAndSoaked() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = arrive(browsing, "Oncidium Ballast Stone");
      AtWork.pick(page, "Newest roots", "none");
      Find.button(page, "Save and judge").click();
      var asked = Find.region(page, "Repot now, or hold?");
      assertThat(asked).containsText("Hold it in the pot it came in.");
      assertThat(Find.region(page, "Its card")).containsText("From a swap at the lock");

      Find.button(asked, "Hold it").click();
      assertThat(asked).hasCount(0);
      assertThat(Find.region(page, "Checks")).containsText("Soak and read");
      Find.link(Find.region(page, "Checks"), "Soak").click();
      Find.entry(page, "Water before").fill("7.0");
      Find.entry(page, "Soak water").fill("99");
      Find.button(page, "Keep the test").click();
      assertThat(page.getByText("a pH lies between 0 and 14")).isVisible();
      assertThat(Find.entry(page, "Water before")).hasValue("7.0");
      Find.entry(page, "Soak water").fill("6,2");
      Find.button(page, "Keep the test").click();
      var follows = Find.region(page, "What follows");
      assertThat(follows).containsText("make every feed and flush up to");
      assertThat(follows.locator("tbody tr")).containsText(new String[] {"0.8"});
      assertThat(follows).containsText("Next soak 14 Jun");
      browsing.expectedRefusal();
      assertThat(browsing.violations()).isEmpty();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void holdingIsUndoneAndRootsDecideOtherwise() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = arrive(browsing, "Oncidium Tide Gauge");
      AtWork.pick(page, "Newest roots", "none");
      Find.button(page, "Save and judge").click();
      var asked = Find.region(page, "Repot now, or hold?");
      Find.button(asked, "Hold it").click();
      Find.with(page.locator("[data-part=root]"), "Held.").getByText("Undo").click();
      assertThat(asked).isVisible();
      Find.link(asked, "Look it over").click();
      AtWork.pick(page, "Newest roots", "nubs");
      page.evaluate("scrollTo(0, document.body.scrollHeight)");
      Find.button(page, "Save and judge").click();
      assertThat(asked).containsText("Repot it now.");
      browsing.fitsTheScreen();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aCleanLookIsOneTapAndTheNextOneIsBooked() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/checks");
      var due = Find.with(page.locator("main li"), "Kept apart: look it over");
      Find.button(Find.with(due, "Oncidium Penny Post"), "Nothing found").click();
      assertThat(page.getByText("Kept apart: look it over nothing found")).isVisible();
      browsing.open("/plants");
      page.locator("ul.sheet").getByText("Oncidium Penny Post").click();
      assertThat(Find.region(page, "Checks")).containsText("18–22 May");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void thePenSettlesAndAFlatOneSaysSo() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Miltoniopsis Market Day", "/hold");
      page.clock().install();
      var pen = page.locator(".pen").last();
      Find.button(pen, "Hold the pen in").click();
      page.clock().runFor(3000);
      assertThat(pen).containsText("still wandering");
      assertThat(Find.button(page, "Keep the test")).isDisabled();
      readUntilItSettles(page);
      assertThat(pen).containsText("settled");
      assertThat(Find.button(page, "Keep the test")).isEnabled();

      browsing.open("/settings");
      page.waitForResponse(
          answer ->
              answer.url().endsWith("/api/instruments") && answer.request().method().equals("PUT"),
          () -> Find.entry(page, "pH pen").selectOption("has a flat battery"));
      browsing.plant("Miltoniopsis Market Day", "/hold");
      Find.button(pen, "Hold the pen in").click();
      page.clock().runFor(1500);
      assertThat(pen).containsText("The pH pen has a flat battery. Type the reading in instead.");
      Find.entry(page, "Soak water").fill("6.4");
      assertThat(Find.button(page, "Keep the test")).isEnabled();
      browsing.open("/settings");
      Find.entry(page, "pH pen").selectOption("works");
    }
  }

  /** A second at a time, each with its reading, for at most two minutes. */
  private static void readUntilItSettles(Page page) {
    for (int second = 0; second < 120; second++) {
      var reading =
          page.waitForResponse(
              answer -> answer.url().contains("/api/instruments/pen/"),
              () -> page.clock().runFor(1000));
      if (reading.text().contains("\"settled\":true")) {
        return;
      }
    }
    throw new AssertionError("the pen never settled");
  }

  @Test
  void theSoakClockGoesOnOverAReload() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Miltoniopsis Market Day", "/hold");
      page.clock().install();
      Find.button(page, "The pot is in").click();
      page.clock().runFor(70_000);
      assertThat(page.locator(".clock")).hasText(Pattern.compile("58:\\d\\d"));
      page.reload();
      assertThat(page.locator(".clock")).hasText(Pattern.compile("58:\\d\\d"));
      page.clock().fastForward("01:00:00");
      assertThat(page.locator(".clock")).hasText("Time to read it.");
    }
  }
}
