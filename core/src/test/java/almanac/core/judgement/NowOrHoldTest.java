package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.Pests;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.judgement.verdict.NowOrHold;
import almanac.core.judgement.verdict.NowOrHold.Choice;
import almanac.core.roots.RootStage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A new plant is moved now if its roots and its place carry that, or if it is in danger. */
class NowOrHoldTest {
  private static final Figures FIGURES = Figures.standard();

  private static PlantAtHand newcomer() {
    return PlantAtHand.of("oncidium").underLights().potted(20).arrived(0);
  }

  private static NowOrHold asked(PlantAtHand plant) {
    return NowOrHold.of(plant.judged(), true, FIGURES);
  }

  @Test
  void nobodyDecidesOnAPlantThatWasNotLookedAt() {
    assertThat(NowOrHold.of(newcomer().judged(), false, FIGURES).choice())
        .isEqualTo(Choice.LOOK_FIRST);
  }

  @Test
  void withNewRootsUnseenTheyAreLookedAtFirst() {
    var asked = asked(newcomer().saw(Items.PESTS, Pests.NONE));
    assertThat(asked.choice()).isEqualTo(Choice.LOOK_FIRST);
    assertThat(asked.because().toString()).contains("newest roots");
  }

  @Test
  void growingRootsInAWarmAndLightPlaceAreMovedNow() {
    assertThat(asked(newcomer().rootsOf(8)).choice()).isEqualTo(Choice.REPOT_NOW);
  }

  @Test
  void theSameRootsInTheDarkOfWinterAreHeld() {
    var winter =
        PlantAtHand.of("oncidium", PlantAtHand.DECEMBER).potted(20).arrived(0).atAMeanOf(12);
    var asked = asked(winter.rootsOf(8));
    assertThat(asked.choice()).isEqualTo(Choice.HOLD);
    assertThat(asked.because().toString()).contains("no danger");
  }

  @ParameterizedTest
  @EnumSource(
      value = RootStage.class,
      names = {"NONE", "SHORT"})
  void rootsThatWouldBreakOrAreNotThereAreHeld(RootStage stage) {
    var held = asked(newcomer().saw(Items.NEW_ROOTS, stage));
    assertThat(held.choice()).isEqualTo(Choice.HOLD);
    assertThat(held.because().toString()).contains("Wait for ");
  }

  @Test
  void aDangerDoesNotWaitForRoots() {
    var rotting =
        newcomer()
            .saw(Items.NEW_ROOTS, RootStage.NONE)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT);
    var asked = asked(rotting);
    assertThat(asked.choice()).isEqualTo(Choice.REPOT_NOW);
    assertThat(asked.because()).isEqualTo(rotting.judged().advice());
  }

  @Test
  void whatEndangersTheOthersIsNeitherMovedNorHeld() {
    assertThat(asked(newcomer().saw(Items.ROT, Rot.WILT_THROUGH)).choice())
        .isEqualTo(Choice.NEITHER);
  }
}
