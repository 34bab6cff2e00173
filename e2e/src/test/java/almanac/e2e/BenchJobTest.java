package almanac.e2e;

import static almanac.e2e.AtBench.kept;
import static almanac.e2e.AtBench.step;
import static almanac.e2e.AtBench.to;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Work at the bench: by keys alone, under a thumb, and through a crash. */
class BenchJobTest {
  private static final String PLANT = "Oncidium Slow Barge";

  private static Locator fate(Page page, String words) {
    return Find.with(Find.group(page, "Root tally").getByRole(AriaRole.BUTTON), words);
  }

  @Test
  void byKeysAloneThroughACrashToOneActThatCanBeTakenBack(@TempDir Path data) throws Exception {
    String job;
    var almanac = OwnProcess.demo(data);
    try (var browsing = Browsing.desk(almanac.address())) {
      var page = browsing.plant(PLANT);
      AtWork.verdict(page).waitFor();
      page.keyboard().press("b");
      assertThat(step(page)).hasText("Check the tag");
      page.keyboard().press("Enter");
      page.keyboard().press("s");
      assertThat(step(page)).hasText("Soak");
      Find.button(page, "Start 15 minutes").click();
      assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Timers")))
          .containsText("14:");
      to(page, "Tally the roots");
      page.keyboard().type("1112244");
      page.keyboard().press("u");
      assertThat(page.locator(".comes")).containsText("A moderate loss.");
      kept(page);
      job = page.url().replace(almanac.address(), "");
      almanac.kill();
    } finally {
      almanac.close();
    }
    try (var again = RunningAlmanac.demo(data);
        var browsing = Browsing.desk(again.address())) {
      var page = browsing.page();
      page.navigate(job.startsWith("http") ? job.replaceFirst("https?://[^/]+", "") : job);
      assertThat(step(page)).hasText("Tally the roots");
      assertThat(fate(page, "firm, tip broken")).containsText("2");
      assertThat(fate(page, "soft, removed")).containsText("1");
      to(page, "How it went");
      Find.entry(page, "What went well").fill("came out whole");
      kept(page);
      Find.button(page, "Write it down").click();
      assertThat(AtWork.journal(page)).containsText("roots: 3 firm, kept, 2 firm, tip broken");
      assertThat(AtWork.journal(page)).containsText("came out whole");
      assertThat(Find.region(page, "Medium")).containsText("15 May");
      Find.button(page, "Undo").click();
      assertThat(page.getByText("Taken back").first()).isVisible();
      assertThat(Find.region(page, "Medium")).not().containsText("potted 15 May");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void whatWasToldInAnotherWindowIsLoadedBeforeOneGoesOn(@TempDir Path data) {
    try (var almanac = RunningAlmanac.demo(data);
        var one = Browsing.desk(almanac.address());
        var other = Browsing.desk(almanac.address())) {
      for (var page : List.of(one.plant(PLANT), other.plant(PLANT))) {
        AtBench.begin(page);
        to(page, "Tally the roots");
        kept(page);
        page.reload();
      }
      fate(other.page(), "soft, removed").click();
      kept(other.page());
      fate(one.page(), "firm, kept").click();
      assertThat(one.page().getByText("went on in another window")).isVisible();
      Find.button(one.page(), "Load it again").click();
      assertThat(fate(one.page(), "soft, removed")).containsText("1");
      fate(one.page(), "firm, kept").click();
      kept(one.page());
      assertThat(one.page().getByText("went on in another window")).hasCount(0);
    }
  }

  /** One that is parted passes by every instrument there is. */
  private static final String PARTED = "Encyclia Cordwain";

  @Test
  void everyStepIsForEverybodyInBothLights(@TempDir Path data) {
    try (var almanac = RunningAlmanac.demo(data);
        var browsing = Browsing.desk(almanac.address())) {
      var page = browsing.plant(PARTED);
      AtBench.begin(page);
      to(page, "Check the tag");
      int seen = 1;
      for (; page.getByText("Write it down").count() == 0; seen++) {
        isForEverybody(browsing);
        var before = step(page).innerText();
        Find.with(page.locator(".turns button"), "Done").click();
        assertThat(step(page)).not().hasText(before);
      }
      isForEverybody(browsing);
      assertThat(seen).isGreaterThan(10);
    }
  }

  private static void isForEverybody(Browsing browsing) {
    var step = step(browsing.page()).innerText();
    assertThat(browsing.violations()).as(step).isEmpty();
    assertThat(browsing.faintByLamp()).as(step).isEmpty();
  }

  private static final String TOO_SMALL_FOR_GLOVES =
      """
      [...document.querySelectorAll('.turns button, .pad button, .step .act, .step .pick span')]
        .map(e => e.getBoundingClientRect()).filter(r => r.height > 0 && r.height < 55.5).length
      """;

  @Test
  void underAThumbWithTheLineGoingDown(@TempDir Path data) {
    try (var almanac = RunningAlmanac.demo(data);
        var browsing = Browsing.phone(almanac.address())) {
      var page = browsing.plant(PLANT);
      AtBench.begin(page);
      to(page, "Look");
      assertThat(page.evaluate(TOO_SMALL_FOR_GLOVES)).isEqualTo(0);
      AtWork.pick(page, "Rot and disease", "purple ring in a cut");
      kept(page);
      assertThat(page.locator("nav[aria-label='Steps of the job']")).containsText("Keep it apart");
      to(page, "Tally the roots");
      assertThat(page.evaluate(TOO_SMALL_FOR_GLOVES)).isEqualTo(0);
      browsing.fitsTheScreen();
      page.route("**/api/jobs/**", Route::abort);
      fate(page, "firm, kept").click();
      fate(page, "firm, kept").click();
      assertThat(fate(page, "firm, kept")).containsText("2");
      assertThat(page.locator(".kept")).hasText("Not kept yet");
      page.unroute("**/api/jobs/**");
      page.reload();
      assertThat(fate(page, "firm, kept")).containsText("2");
      kept(page);
      page.getByText("Give the job up").click();
      Find.button(page, "Give it up").click();
      assertThat(AtWork.verdict(page)).isVisible();
      assertThat(Find.with(page.locator("button"), "To the bench")).isVisible();
      assertThat(AtWork.journal(page)).not().containsText("At the bench");
    }
  }

  @Test
  void whatIsLetGoSaysWhatBecameOfItBeforeTheJobIsWrittenDown(@TempDir Path data) {
    try (var almanac = RunningAlmanac.demo(data);
        var browsing = Browsing.desk(almanac.address())) {
      var page = browsing.plant(PLANT);
      var its = page.url();
      AtBench.begin(page);
      page.getByText("Another way, or a step more").click();
      Find.button(Find.group(page, "It is done"), "Let go").click();
      to(page, "How it went");
      kept(page);
      Find.button(page, "Write it down").click();
      assertThat(page.getByRole(AriaRole.ALERT)).containsText("Say what became of it");
      Find.button(page, "To “Last chance”").click();
      Find.button(Find.group(page, "What becomes of it"), "it goes out of the house").click();
      Find.entry(page, "What it died of").fill("wilt through the rhizome");
      page.getByText("A firm bulb with an eye was saved").click();
      to(page, "How it went");
      kept(page);
      Find.button(page, "Write it down").click();
      assertThat(page.locator("h1")).hasText("Tags");
      page.navigate(its);
      assertThat(page.locator("main")).containsText("wilt through the rhizome");
      assertThat(browsing.complaints())
          .as("nothing but what was refused")
          .allMatch(each -> each.contains("400"));
    }
  }

  @Test
  void aTimerOfOnesOwnRunsBesideTheOthersAndSaysWhatItIsFor(@TempDir Path data) {
    try (var almanac = RunningAlmanac.demo(data);
        var browsing = Browsing.desk(almanac.address())) {
      var page = browsing.plant(PLANT);
      AtBench.begin(page);
      to(page, "Soak");
      Find.button(page, "Start 15 minutes").click();
      page.getByText("A timer of your own").click();
      Find.entry(page, "What for").fill("air");
      Find.entry(page, "Minutes").fill("10");
      Find.button(page, "After the last one").click();
      var timers = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Timers"));
      assertThat(timers).containsText("soaking: 14:");
      assertThat(timers).containsText("air: 24:");
      kept(page);
      page.reload();
      assertThat(timers).containsText("air: 24:");
      Find.with(page.getByRole(AriaRole.BUTTON), "Stop air").click();
      assertThat(timers).not().containsText("air");
      assertThat(timers).containsText("soaking");
      assertThat(browsing.complaints()).isEmpty();
    }
  }
}
