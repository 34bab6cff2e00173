package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Jobs on the days that somebody has: moved by keys, by hand and by thumb, and put back. */
class BenchDaysTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  private static final String SATURDAY = "Bench day Saturday 22 May";
  private static final String GLOVES = "gloves, and eye protection where a pot is broken";
  private static final String SUNDAY = "Bench day Sunday 23 May";

  private static Locator job(Page page, String day, String name) {
    return Find.with(Find.region(page, day).locator("li"), name);
  }

  @Test
  void aDayThatIsOverFullSaysWhatMayWaitAndIsRelievedByTheKeys() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/bench");
      var saturday = Find.region(page, SATURDAY);
      assertThat(saturday.getByText("25 minutes too many")).isVisible();
      assertThat(saturday).containsText("wait until 29 May, which costs nothing");
      Find.entry(page, "Day for Catasetum Windlass").focus();
      page.keyboard().press("Alt+ArrowDown");
      assertThat(job(page, SUNDAY, "Catasetum Windlass")).containsText("You chose this day.");
      assertThat(saturday.getByText("25 minutes too many")).hasCount(0);
      Find.button(page, "Undo").first().click();
      assertThat(saturday.getByText("25 minutes too many")).isVisible();
      assertThat(browsing.complaints()).isEmpty();
      assertThat(browsing.violations()).isEmpty();
    }
  }

  @Test
  void aJobIsDraggedToAnotherDayAndGivenBackToThePlan() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/bench");
      var nine = Find.with(page.locator("li"), "Phalaenopsis Nine Arches").first();
      Carried.byMouse(page, nine, Find.region(page, SATURDAY).locator("ul"));
      var there = job(page, SATURDAY, "Phalaenopsis Nine Arches");
      assertThat(there).containsText("You chose this day.");
      there.locator("select").selectOption("where it is best");
      assertThat(page.getByText("You chose this day.")).hasCount(2);
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void byThumbADayIsAddedChangedRefusedAndGivenUp() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = browsing.open("/bench");
      var add =
          page.getByLabel("One more bench day", new Page.GetByLabelOptions().setExact(true)).last();
      assertThat(add).hasValue("2027-05-16");
      var form = page.locator("form[aria-label='One more bench day']");
      Find.entry(form, "Minutes").fill("0");
      Find.button(page, "I have time then").click();
      assertThat(page.getByText("A bench day has from 1 to 1440 minutes.")).isVisible();
      Find.entry(form, "Minutes").fill("120");
      Find.button(page, "I have time then").click();
      var sunday = Find.region(page, "Bench day Sunday 16 May");
      assertThat(sunday).containsText("Miltoniopsis Ferry Rain");
      browsing.fitsTheScreen();
      sunday.getByText("Another time, or no bench").click();
      Find.button(sunday, "No bench on this day").click();
      assertThat(sunday).hasCount(0);
      assertThat(Find.region(page, "Without a day"))
          .containsText("It cannot wait for a bench day: take it in hand today.");
      assertThat(browsing.complaints())
          .allMatch(complaint -> complaint.contains("status of 400"), "refused once");
    }
  }

  @Test
  void whatIsTickedOffOnTheDeskIsTickedOnThePhone() {
    try (var desk = Browsing.desk(ALMANAC.address());
        var phone = Browsing.phone(ALMANAC.address())) {
      var gloves = Find.entry(desk.open("/bench/2027-05-22"), GLOVES);
      gloves.check();
      Find.entry(desk.page(), "a camera").check();
      assertThat(Find.entry(phone.open("/bench/2027-05-22"), GLOVES)).isChecked();
      Find.entry(phone.page(), GLOVES).uncheck();
      desk.page().reload();
      assertThat(Find.entry(desk.page(), "a camera")).isChecked();
      assertThat(gloves).not().isChecked();
      assertThat(desk.complaints()).isEmpty();
      assertThat(phone.complaints()).isEmpty();
    }
  }
}
