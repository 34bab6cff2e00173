package almanac.core.trainer;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.inspection.Items;
import almanac.core.inspection.Smell;
import almanac.core.roots.RootStage;
import org.junit.jupiter.api.Test;

/** Drawings that are to be named. */
class QuickCaseTest {
  @Test
  void theRootStagesTheLossesAndTheSmellsAreDrawn() {
    assertThat(QuickCase.all())
        .contains(
            new QuickCase(Items.NEW_ROOTS, RootStage.NUB),
            new QuickCase(Items.SMELL, Smell.SOUR),
            new QuickCase(Items.SMELL, Smell.STALE))
        .extracting(QuickCase::key)
        .doesNotHaveDuplicates();
  }

  @Test
  void eachIsFoundByItsNameAndOthersAreNot() {
    for (var each : QuickCase.all()) {
      assertThat(QuickCase.named(each.key())).contains(each);
    }
    assertThat(QuickCase.named("drawing.smell.NUB")).isEmpty();
    assertThat(QuickCase.named("smell.SOUR")).isEmpty();
  }

  @Test
  void onlyWhatIsDrawnIsRight() {
    var sour = new QuickCase(Items.SMELL, Smell.SOUR);
    assertThat(sour.mark("SOUR")).isEqualTo(Mark.RIGHT);
    assertThat(sour.mark("STALE")).isEqualTo(Mark.MISTOOK);
  }
}
