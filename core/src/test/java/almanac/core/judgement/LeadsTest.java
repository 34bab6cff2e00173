package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.RootTips;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.roots.RootStage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Several leads, each with roots and a distance to the rim of its own. */
class LeadsTest {

  private static PlantAtHand encyclia() {
    return PlantAtHand.of("encyclia").potted(12);
  }

  @ParameterizedTest(name = "A {0}, B {1}: {2} decides with {3}")
  @CsvSource({
    "NUB, SHORT, B, 15",
    "SHORT, NUB, A, 15",
    "NUB, ANCHORED, A, 95",
    "ANCHORED, NUB, B, 95",
    "NONE, ANCHORED, B, 25",
    "NONE, SWELLING, B, 85"
  })
  void theLeastReadyGrowingTipDecides(
      RootStage first, RootStage second, Lead decides, double readiness) {
    var judged =
        encyclia().saw(Items.NEW_ROOTS, first).saw(Items.NEW_ROOTS, Lead.B, second).judged();
    assertThat(judged.found().roots().lead()).isEqualTo(decides);
    assertThat(judged.readiness()).isEqualTo(readiness);
    assertThat(judged.found().leads()).hasSize(2);
  }

  @Test
  void eachLeadHasAForecastOfItsOwn() {
    var judged =
        encyclia()
            .daysAgo(14)
            .measured(Items.NEW_ROOTS, Lead.B, 10)
            .daysAgo(0)
            .measured(Items.NEW_ROOTS, Lead.B, 16)
            .measured(Items.NEW_ROOTS, Lead.FIRST, 8)
            .judged();
    var speeds =
        judged.found().leads().stream()
            .map(lead -> lead.forecast().orElseThrow().speed().mmAWeek())
            .toList();
    assertThat(speeds.get(0)).as("of its kind").isCloseTo(17, within(1e-9));
    assertThat(speeds.get(1))
        .as("3 mm a week as measured, held up by its kind")
        .isBetween(3.0, 8.0);
  }

  @Test
  void theLeadNearestToTroubleNeedsTheRoom() {
    var judged =
        PlantAtHand.of("oncidium")
            .potted(3)
            .measured(Items.RIM, Lead.FIRST, 60)
            .measured(Items.RIM, Lead.C, -5)
            .judged();
    assertThat(judged.weighed().reasons())
        .filteredOn(reason -> reason.basis().equals(NeedFigures.OVER_RIM))
        .singleElement()
        .satisfies(
            reason -> {
              assertThat(reason.sentence())
                  .hasToString("Lead C 5 mm past the rim; its roots would grow in air");
              assertThat(reason.look().orElseThrow().spot().key()).isEqualTo("rim/C");
            });
  }

  @Test
  void aStaleLookAtOneLeadIsNamed() {
    var judged =
        encyclia()
            .daysAgo(30)
            .measured(Items.NEW_ROOTS, Lead.B, 8)
            .daysAgo(0)
            .saw(Items.NEW_ROOTS, RootStage.ANCHORED)
            .judged();
    assertThat(judged.looks().stale()).contains(Items.NEW_ROOTS);
  }

  @Test
  void tipsThatHaveStoppedAreNoLongerGrowing() {
    var plant = encyclia().rootsOf(12);
    assertThat(plant.judged().readiness()).isEqualTo(95);
    plant.saw(Items.ROOT_TIPS, RootTips.STOPPED);
    assertThat(plant.judged().readiness()).isEqualTo(20);
    assertThat(plant.judged().found().roots().forecast()).isEmpty();
  }
}
