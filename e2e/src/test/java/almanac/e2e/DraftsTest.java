package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A half-filled form is there again after a link, Back and a reload, until it is saved. */
class DraftsTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  private static void isHereAgain(Page page) {
    assertThat(page.getByText("It is here again")).isVisible();
  }

  private static Locator soft(Page page) {
    return Find.group(page, "Roots in the pot")
        .getByLabel("mostly soft", new Locator.GetByLabelOptions().setExact(true));
  }

  @Test
  void anInspection() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Zygopetalum Mill Race", "/inspect");
      soft(page).check();
      Find.entry(page, "Note").fill("half of a note");
      Find.link(page, "Today").click();
      AtWork.isToday(page);
      page.goBack();
      isHereAgain(page);
      assertThat(soft(page)).isChecked();
      page.reload();
      isHereAgain(page);
      assertThat(Find.entry(page, "Note")).hasValue("half of a note");

      browsing.plant("Phalaenopsis Tallow Light", "/inspect");
      assertThat(page.getByText("It is here again")).hasCount(0);

      browsing.plant("Zygopetalum Mill Race", "/inspect");
      Find.button(page, "Save and judge").click();
      assertThat(AtWork.verdict(page)).hasText("Rescue");
      browsing.plant("Zygopetalum Mill Race", "/inspect");
      assertThat(page.getByText("It is here again")).hasCount(0);
      assertThat(soft(page)).not().isChecked();
    }
  }

  @Test
  void whoDoesNotWantItBeginsAnew() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Phalaenopsis Nine Arches", "/repot");
      var before = Find.entry(page, "On top").inputValue();
      Find.entry(page, "On top").fill("pebbles");
      page.reload();
      isHereAgain(page);
      assertThat(Find.entry(page, "On top")).hasValue("pebbles");
      Find.button(page, "Begin anew").click();
      assertThat(Find.entry(page, "On top")).hasValue(before);
      page.reload();
      assertThat(Find.entry(page, "On top")).hasValue(before);
      assertThat(page.getByText("It is here again")).hasCount(0);
    }
  }

  @Test
  void aNewPlantACardAndAQuestion() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/plants/new");
      Find.entry(page, "Name on the label").fill("Vanda Half Told");
      AtWork.unfold(page);
      page.getByLabel("What it stands in").selectOption("I do not know");
      page.reload();
      isHereAgain(page);
      assertThat(Find.entry(page, "Name on the label")).hasValue("Vanda Half Told");
      assertThat(page.getByLabel("What it stands in")).hasValue("UNKNOWN");

      browsing.plant("Phalaenopsis Small Lantern", "/edit");
      Find.entry(page, "Price").fill("a jar of honey");
      page.reload();
      isHereAgain(page);
      assertThat(Find.entry(page, "Price")).hasValue("a jar of honey");

      browsing.plant("Phalaenopsis Small Lantern");
      page.keyboard().press("w");
      soft(page).check();
      assertThat(page.locator(".slip.supposed h2")).hasText("Rescue");
      page.reload();
      AtWork.verdict(page).waitFor();
      page.keyboard().press("w");
      isHereAgain(page);
      assertThat(page.locator(".slip.supposed h2")).hasText("Rescue");
    }
  }

  @Test
  void itIsTheSameLengthInOtherUnits() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Coelogyne Towpath", "/inspect");
      page.getByLabel("Newest roots: longest, mm").fill("84");
      browsing.open("/settings");
      page.waitForResponse(
          answer -> answer.url().endsWith("/api/site/units"),
          () -> page.getByLabel("Lengths").selectOption("inches"));
      browsing.plant("Coelogyne Towpath", "/inspect");
      page.locator("details[open] fieldset").first().waitFor();
      assertThat(page.getByLabel("Newest roots: longest, in")).hasValue("3.31");
      browsing.open("/settings").getByLabel("Lengths").selectOption("millimetres");
    }
  }
}
