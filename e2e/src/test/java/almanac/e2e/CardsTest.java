package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What stands on a plant's card, its tag, and its family. */
class CardsTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  private static Page edit(Browsing browsing, String plant) {
    browsing.plant(plant, "/edit").getByLabel("Parents").waitFor();
    return browsing.page();
  }

  @Test
  void whatCannotBeIsSaidAtItsFieldAndNothingIsLost() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = edit(browsing, "Phalaenopsis Tallow Light");
      var number = Find.entry(page, "Number").inputValue();
      Find.entry(page, "Parents").fill("unknown × unknown");
      Find.entry(page, "Number")
          .fill(edit(browsing, "Phalaenopsis Nine Arches").getByLabel("Number").inputValue());
      page = edit(browsing, "Phalaenopsis Tallow Light");
      Find.entry(page, "Parents").fill("unknown × unknown");
      Find.entry(page, "Status").selectOption("lost");
      Find.button(page, "Save").click();
      assertThat(page.getByText("Say why: to whom it went")).isVisible();
      assertThat(Find.entry(page, "Parents")).hasValue("unknown × unknown");
      Find.entry(page, "Status").selectOption("growing");
      Find.entry(page, "Kept apart since").fill("9.5.2027");
      Find.button(page, "Save").click();
      assertThat(Find.entry(page, "Kept apart since")).hasValue("9.5.2027");
      assertThat(page.locator(".fault").first()).isVisible();
      Find.entry(page, "Kept apart since").fill("");
      Find.button(page, "Save").click();
      assertThat(Find.region(page, "Its card")).containsText("unknown × unknown");
      assertThat(page.locator(".where")).containsText(number);
    }
  }

  @Test
  void twoWindowsCannotOverwriteEachOther() {
    try (var one = Browsing.desk(ALMANAC.address());
        var other = Browsing.desk(ALMANAC.address())) {
      var first = edit(one, "Phalaenopsis Small Lantern");
      var second = edit(other, "Phalaenopsis Small Lantern");
      Find.entry(first, "Price").fill("11");
      Find.button(first, "Save").click();
      first.locator(".where").waitFor();
      Find.entry(second, "Notes").fill("written meanwhile");
      Find.button(second, "Save").click();
      assertThat(second.getByText("changed in another window")).isVisible();
      assertThat(Find.entry(second, "Notes")).hasValue("written meanwhile");
      var now = edit(one, "Phalaenopsis Small Lantern");
      assertThat(Find.entry(now, "Price")).hasValue("11");
      assertThat(Find.entry(now, "Notes")).hasValue("");
    }
  }

  @Test
  void aDivisionNamesItsMotherAndIsNamedByHer() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var mother = edit(browsing, "Encyclia Cordwain");
      var number = Find.entry(mother, "Number").inputValue();
      var page = edit(browsing, "Coelogyne Towpath");
      Find.entry(page, "Divided from").fill(number);
      Find.button(page, "Save").click();
      var card = Find.region(page, "Its card");
      assertThat(card).containsText("Divided from");
      card.getByText(number).click();
      assertThat(Find.region(page, "Its card")).containsText("Divided into");
      assertThat(browsing.violations()).isEmpty();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void daysAreTypedTheSameWayInEveryLanguage() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Dendrobium Halyard", "/inspect");
      var day = Find.entry(page, "Seen on");
      assertThat(day).hasValue("2027-05-15");
      day.press("ArrowDown");
      assertThat(day).hasValue("2027-05-14");
      day.fill("-3");
      day.blur();
      assertThat(day).hasValue("2027-05-12");
      day.fill("2027-5-9");
      Find.group(page, "How it stands")
          .getByLabel(
              "firm", new com.microsoft.playwright.Locator.GetByLabelOptions().setExact(true))
          .check();
      Find.button(page, "Save and judge").click();
      assertThat(Find.with(AtWork.journal(page).locator("li"), "How it stands: firm").first())
          .containsText("9 May");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aTagIsPrintedAloneAndAMissingOneIsListed() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/tags");
      assertThat(Find.button(page, "Print 64")).isVisible();
      Find.entry(page, "Place").selectOption("East sill");
      int there = page.locator("main ul li").count();
      assertThat(Find.button(page, "Print " + there)).isVisible();
      Find.entry(page, "Place").selectOption("all places");

      browsing
          .plant("Phragmipedium Wet Stair", "/inspect")
          .getByText("Tag", new Page.GetByTextOptions())
          .first();
      page.locator("details").evaluateAll("all => all.forEach(each => (each.open = true))");
      Find.group(page, "Tag")
          .getByLabel(
              "missing", new com.microsoft.playwright.Locator.GetByLabelOptions().setExact(true))
          .check();
      Find.button(page, "Save and judge").click();
      AtWork.verdict(page).waitFor();
      browsing.open("/tags").getByLabel("Which tags").selectOption("missing or unreadable (1)");
      assertThat(page.locator("main ul li")).hasCount(1);
      assertThat(page.locator("main ul li")).containsText("missing when last seen");

      browsing.plant("Phragmipedium Wet Stair");
      Find.link(page, "Tag").click();
      assertThat(page.locator("main ul li")).hasCount(1);
      assertThat(page.locator("main ul li svg")).isVisible();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aDivisionStandsInTheJournalsOfBothUntilItIsTakenBack() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = browsing.plant("Encyclia Cordwain");
      var mother = page.locator("h1").innerText();
      Find.link(page, "Add a division").click();
      assertThat(page.getByText("it stands in the journals of both")).isVisible();
      Find.entry(page, "Name on the label").fill("Encyclia Small Sluice");
      browsing.fitsTheScreen();
      Find.button(page, "Add the plant").click();
      assertThat(page.locator("h1")).hasText("Encyclia Small Sluice");
      assertThat(Find.region(page, "Its card")).containsText("Divided from");
      var undo = Find.with(page.locator("[data-part=root]"), "added as").getByText("Undo");
      assertThat(undo).isVisible();
      Find.with(page.locator("main a"), mother).first().click();
      assertThat(AtWork.journal(page)).containsText("A division was taken");
      undo.click();
      assertThat(page.locator("del").getByText("A division was taken")).isVisible();
      browsing.expectedRefusal();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void theMonthsAheadUnfoldUnderTheSlip() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = browsing.plant("Encyclia Cordwain");
      page.getByText("The months ahead").click();
      var drawn =
          page.getByRole(
              AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^wants a move")));
      assertThat(drawn).isVisible();
      assertThat(drawn)
          .hasAttribute("aria-label", Pattern.compile("would take one, of 100: 15 May"));
      browsing.fitsTheScreen();
      assertThat(browsing.violations()).isEmpty();
      assertThat(browsing.complaints()).isEmpty();
    }
  }
}
