package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** Looking back: what came of the moves, and what the collection teaches. */
class TaughtPageTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  @Test
  void aFigureIsTakenOverAndGivenBackWithATapEach() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.open("/taught");
      var card = Find.with(page.locator(".differs"), "Fine bark");
      assertThat(card).containsText("Fine bark: yours differs");
      assertThat(card).containsText("verdicts of today would change");
      Find.with(card.locator("button"), "Take").click();
      assertThat(card).containsText("learned here");
      Find.with(page.locator("button"), "Undo").click();
      assertThat(card).containsText("Fine bark: yours differs");
      Find.with(card.locator("button"), "Take").click();
      Find.button(card, "Give it back").click();
      assertThat(card).containsText("Fine bark: yours differs");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void whatCameOfAMoveIsReadOnThePlantAndSaidOtherwise() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      var page = browsing.plant("Maxillaria Rope Ladder");
      var moves = Find.region(page, "What came of its moves");
      var first = moves.locator(":scope > ul > li").first();
      assertThat(first).containsText("re-established");
      first.locator("summary").click();
      assertThat(first.locator("dl")).containsText("its slip");
      Find.button(first, "set back").click();
      assertThat(first).containsText(": set back.");
      assertThat(Find.region(page, "Journal")).containsText("What came of the move");
      Find.with(page.locator("button"), "Undo").click();
      assertThat(first).containsText(": re-established.");
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aPlantIsJudgedBlindFromItsFileAndTheAnswerLiesBesideOurs(@TempDir Path files) {
    var question = files.resolve("question.json");
    var answer = files.resolve("answer.json");
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var papers = browsing.open("/plants/Maxillaria Rope Ladder/papers");
      papers
          .waitForDownload(() -> Find.link(papers, "To ask for an opinion").click())
          .saveAs(question);
      var page = browsing.open("/opinion");
      page.getByLabel("Choose a file").setInputFiles(question);
      assertThat(page.getByText("Somebody asks you")).isVisible();
      page.keyboard().press("1");
      page.getByLabel("Who you are").fill("The lock above");
      page.getByLabel("Why, in your own words").fill("3 firm roots are enough.");
      Find.button(page, "That is my judgement").click();
      page.waitForDownload(() -> Find.link(page, "Save the file").click()).saveAs(answer);
      page.getByLabel("Choose a file").setInputFiles(answer);
      assertThat(Find.region(page, "Yours")).isVisible();
      assertThat(page.locator("main")).containsText("The lock above, without knowing");
      assertThat(page.locator("main")).containsText("Leave it alone");
      assertThat(page.locator("main")).containsText("Both almanacs ask for the same");
      browsing.fitsTheScreen();
      assertThat(browsing.violations()).isEmpty();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void onAPhoneNothingHasToBePushedSideways() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      var page = browsing.open("/taught");
      page.getByText("Took hold within 100 days").waitFor();
      assertThat(Find.region(page, "Were the forecasts right?")).containsText("inside the range");
      browsing.fitsTheScreen();
      assertThat(browsing.violations()).isEmpty();
    }
  }
}
