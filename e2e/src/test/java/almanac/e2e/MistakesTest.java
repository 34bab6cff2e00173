package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Mistakes are said where they are, lose nothing, and can be put right later. */
class MistakesTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  @Test
  void aFormKeepsWhatWasTyped() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/plants/new");
      page.getByLabel("Name on the label").fill("Vanda Gate Paddle");
      page.getByLabel("Kind").selectOption("Vanda");
      Find.entry(page, "Place").selectOption("East sill");
      page.getByLabel("Potted on").fill("2029");
      page.getByLabel("What it stands in").selectOption("medium bark (8–12 mm)");
      page.getByLabel("Parts of component 1").fill("0");
      page.getByRole(AriaRole.BUTTON, named("Add the plant")).click();

      assertThat(page.getByText("2029-01-01 lies in the future")).isVisible();
      assertThat(page.getByLabel("Name on the label")).hasValue("Vanda Gate Paddle");
      page.getByLabel("Potted on").fill("2027-01");
      page.getByRole(AriaRole.BUTTON, named("Add the plant")).click();
      assertThat(page.getByText("parts go from above 0 to 100")).isVisible();
      assertThat(page.getByLabel("Potted on")).hasValue("2027-01");

      page.getByLabel("Parts of component 1").fill("2");
      page.getByRole(AriaRole.BUTTON, named("Add the plant")).click();
      assertThat(page.locator("h1")).hasText("Vanda Gate Paddle");
      browsing.expectedRefusal();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aMistakenInspectionIsCorrectedAndTheCorrectionShows() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/plants/6");
      assertThat(page.locator(".slip h2")).hasText("Rescue");
      page.getByRole(AriaRole.LINK, named("Correct the inspection of 14 May")).click();
      var roots = page.getByRole(AriaRole.GROUP, named("Roots in the pot"));
      assertThat(roots.getByLabel("mostly soft")).isChecked();
      pick(roots, "firm");
      pick(page.getByRole(AriaRole.GROUP, named("Medium piece")), "dents");
      page.getByRole(AriaRole.BUTTON, named("Save and judge")).click();

      assertThat(page.locator(".slip h2")).not().hasText("Rescue");
      var journal = page.getByRole(AriaRole.REGION, named("Journal"));
      assertThat(journal.locator("del")).containsText("mostly soft");
      assertThat(journal).containsText("corrected on 15 May");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void whatWasSavedCanBeUndone() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/plants/13");
      var before = page.locator(".slip h2").textContent();
      page.keyboard().press("r");
      page.getByRole(AriaRole.BUTTON, named("Log the repot")).click();
      assertThat(page.locator(".slip h2")).hasText("Leave");
      assertThat(before).isEqualTo("Full repot");
      page.getByRole(AriaRole.BUTTON, named("Undo")).click();
      assertThat(page.locator(".slip h2")).hasText(before);
      assertThat(page.getByRole(AriaRole.REGION, named("Journal"))).containsText("taken back");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void severalPestsMayBeThereButNotBesideNone() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/plants/10/inspect");
      page.getByText("Pests and disease").click();
      var pests = page.getByRole(AriaRole.GROUP, named("Pests"));
      pick(pests, "none");
      pick(pests, "springtail");
      pick(pests, "scale");
      assertThat(pests.getByLabel("none", exactly())).not().isChecked();
      page.getByRole(AriaRole.BUTTON, named("Save and judge")).click();
      assertThat(page.getByRole(AriaRole.REGION, named("Journal")))
          .containsText("Pests: scale, springtail");
      assertThat(page.locator(".slip")).containsText("Springtails eat what decays");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void anInspectionWorksByKeyboardAlone() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/plants/9");
      page.keyboard().press("i");
      page.getByRole(AriaRole.GROUP, named("Bloom")).getByLabel("not looked at").focus();
      page.keyboard().press("ArrowRight");
      page.keyboard().press("ArrowRight");
      page.keyboard().press("Enter");
      assertThat(page.getByRole(AriaRole.REGION, named("Journal"))).containsText("Bloom: spike");
    }
  }

  private static void pick(Locator group, String answer) {
    group.getByLabel(answer, exactly()).check();
  }

  private static Locator.GetByLabelOptions exactly() {
    return new Locator.GetByLabelOptions().setExact(true);
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }
}
