package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

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
      AtWork.kind(page, "vanda", "Vanda");
      Find.entry(page, "Place").selectOption("East sill");
      page.getByLabel("Potted on").fill("2029");
      AtWork.unfold(page);
      page.getByLabel("What it stands in").selectOption("medium bark (8–12 mm)");
      page.getByLabel("Parts of component 1").fill("0");
      Find.button(page, "Add the plant").click();

      assertThat(page.getByText("2029-01-01 lies in the future")).isVisible();
      assertThat(page.getByLabel("Name on the label")).hasValue("Vanda Gate Paddle");
      page.getByLabel("Potted on").fill("2027-01");
      Find.button(page, "Add the plant").click();
      assertThat(page.getByText("parts go from above 0 to 100")).isVisible();
      assertThat(page.getByLabel("Potted on")).hasValue("2027-01");

      page.getByLabel("Parts of component 1").fill("2");
      Find.button(page, "Add the plant").click();
      assertThat(page.locator("h1")).hasText("Vanda Gate Paddle");
      browsing.expectedRefusal();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void onAPhoneWhoeverSavesIsLedToWhatIsWrong() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = browsing.open("/kinds");
      Find.button(page, "Change Oncidium alliance").click();
      var speed = Find.entry(page, "New roots grow");
      speed.fill("900");
      Find.button(page, "Save").click();
      assertThat(page.getByText("A root grows from 0.5 to 60 mm a week.")).isVisible();
      assertThat(speed).isFocused();
      assertThat(speed).isInViewport();
      speed.fill("16");
      Find.button(page, "Save").click();
      assertThat(page.getByText("16 mm of root a week")).isVisible();
      browsing.expectedRefusal();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aMistakenInspectionIsCorrectedAndTheCorrectionShows() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Miltoniopsis Ferry Rain");
      assertThat(AtWork.verdict(page)).hasText("Rescue");
      Find.link(page, "Correct the inspection of 14 May").click();
      var roots = Find.group(page, "Roots in the pot");
      assertThat(roots.getByLabel("mostly soft")).isChecked();
      AtWork.pick(roots, "firm");
      AtWork.pick(Find.group(page, "Medium piece"), "dents");
      Find.button(page, "Save and judge").click();

      assertThat(AtWork.verdict(page)).not().hasText("Rescue");
      var journal = AtWork.journal(page);
      assertThat(journal.locator("del")).containsText("mostly soft");
      assertThat(journal).containsText("corrected on 15 May");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void whatWasSavedCanBeUndone() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Phalaenopsis Nine Arches");
      var before = AtWork.verdict(page).textContent();
      page.keyboard().press("r");
      Find.button(page, "Log the repot").click();
      assertThat(AtWork.verdict(page)).hasText("Leave");
      assertThat(before).isEqualTo("Full repot");
      Find.button(page, "Undo").click();
      assertThat(AtWork.verdict(page)).hasText(before);
      assertThat(AtWork.journal(page)).containsText("taken back");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void severalPestsMayBeThereButNotBesideNone() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Vanda Blue Gate", "/inspect");
      page.getByText("Pests and disease").click();
      var pests = Find.group(page, "Pests");
      AtWork.pick(pests, "none");
      AtWork.pick(pests, "springtail");
      AtWork.pick(pests, "scale");
      assertThat(Find.entry(pests, "none")).not().isChecked();
      Find.button(page, "Save and judge").click();
      assertThat(AtWork.journal(page)).containsText("Pests: scale, springtail");
      assertThat(page.locator(".slip")).containsText("Springtails eat what decays");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void anInspectionWorksByKeyboardAlone() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Dendrobium Halyard");
      page.keyboard().press("i");
      Find.group(page, "Bloom").getByLabel("not looked at").focus();
      page.keyboard().press("ArrowRight");
      page.keyboard().press("ArrowRight");
      page.keyboard().press("Enter");
      assertThat(AtWork.journal(page)).containsText("Bloom: spike");
    }
  }
}
