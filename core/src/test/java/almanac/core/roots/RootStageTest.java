package almanac.core.roots;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import java.util.Arrays;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How far roots are, by their length and by their sort. */
class RootStageTest {
  @ParameterizedTest(name = "{0} mm: {1}")
  @CsvSource({
    "-2, SWELLING",
    "0, SWELLING",
    "0.1, NUB",
    "20, NUB",
    "20.4, NUB",
    "20.6, SHORT",
    "49.4, SHORT",
    "50, MID",
    "99.4, MID",
    "100, LONG",
    "250, LONG"
  })
  void aLengthHasItsStage(double mm, RootStage stage) {
    assertThat(RootStage.ofLength(mm, Figures.standard())).isEqualTo(stage);
  }

  private static void only(Predicate<RootStage> holds, RootStage... of) {
    assertThat(Arrays.stream(RootStage.values()).filter(holds)).containsExactly(of);
  }

  @Test
  void eachStageSaysOfWhatSortItIs() {
    only(RootStage::beginning, RootStage.SWELLING, RootStage.NUB);
    only(RootStage::nothingToMeasure, RootStage.NONE, RootStage.ANCHORED);
    only(RootStage::measurable, RootStage.NUB, RootStage.SHORT, RootStage.MID, RootStage.LONG);
    only(RootStage::pastNub, RootStage.SHORT, RootStage.MID, RootStage.LONG);
  }
}
