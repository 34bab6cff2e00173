package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Items;
import almanac.core.inspection.Parts;
import almanac.core.inspection.RootsInPot;
import almanac.core.judgement.compare.Comparison;
import almanac.core.judgement.compare.JudgedApart;
import almanac.core.judgement.verdict.Asks;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.roots.RootStage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ApproachesTest {

  private static Verdict by(Approach approach, PlantAtHand plant) {
    return new Judge(Figures.standard(), approach).judge(plant.situation()).verdict();
  }

  @Test
  void waitForNubsMovesAOneLeavedCattleyaOnlyAtTheNubs() {
    var plant =
        PlantAtHand.of("cattleya-one-leaved")
            .potted(26)
            .saw(Items.NEW_ROOTS, RootStage.SHORT)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MIXED);
    assertThat(by(Approach.HOUSE_RULES, plant)).isEqualTo(Verdict.FULL_REPOT);
    assertThat(by(Approach.WAIT_FOR_NUBS, plant)).isEqualTo(Verdict.WAIT_FOR);
    plant.saw(Items.NEW_ROOTS, RootStage.NUB);
    assertThat(by(Approach.WAIT_FOR_NUBS, plant)).isEqualTo(Verdict.FULL_REPOT);
  }

  @Test
  void waitForNubsWaitsHoweverGreatTheNeed() {
    var plant =
        PlantAtHand.of("encyclia")
            .potted(40)
            .saw(Items.NEW_ROOTS, RootStage.SHORT)
            .measured(Items.RIM, -5);
    assertThat(by(Approach.HOUSE_RULES, plant)).isEqualTo(Verdict.FULL_REPOT);
    assertThat(by(Approach.WAIT_FOR_NUBS, plant)).isEqualTo(Verdict.WAIT_FOR);
  }

  @Test
  void freshStartTakesAPlantOutOfDoubtfulMediumUnlessItsRootsAreExcellent() {
    var plant =
        PlantAtHand.of("oncidium")
            .potted(2, Mix.of(Component.COCONUT_FIBRE))
            .saw(Items.NEW_ROOTS, RootStage.LONG);
    assertThat(by(Approach.HOUSE_RULES, plant)).isEqualTo(Verdict.LEAVE);
    assertThat(by(Approach.FRESH_START, plant)).isEqualTo(Verdict.FULL_REPOT);
    plant.saw(Items.ROOTS_IN_POT, RootsInPot.FIRM);
    assertThat(by(Approach.FRESH_START, plant)).isEqualTo(Verdict.LEAVE);
  }

  @Test
  void undisturbedRootsMovesABallWholeInTheDarkAndInBloom() {
    var plant =
        PlantAtHand.of("oncidium", PlantAtHand.DECEMBER)
            .potted(12, Mix.of(Component.PUMICE))
            .saw(Items.BLOOM, Bloom.OPEN)
            .measured(Items.RIM, -5);
    assertThat(by(Approach.HOUSE_RULES, plant)).isEqualTo(Verdict.WAIT_FOR);
    assertThat(by(Approach.UNDISTURBED_ROOTS, plant)).isEqualTo(Verdict.MOVE_UP);
  }

  @Test
  void undisturbedRootsGrowsLargeRatherThanDivides() {
    var plant =
        PlantAtHand.of("oncidium")
            .potted(12, Mix.of(Component.PUMICE))
            .saw(Items.NEW_ROOTS, RootStage.NUB)
            .saw(Items.PARTS, Parts.TWO_SOUND)
            .measured(Items.RIM, -5);
    assertThat(by(Approach.HOUSE_RULES, plant)).isEqualTo(Verdict.DIVIDE);
    assertThat(by(Approach.UNDISTURBED_ROOTS, plant)).isEqualTo(Verdict.MOVE_UP);
  }

  @ParameterizedTest
  @EnumSource
  void hazardsActUnderEveryApproach(Approach approach) {
    var plant =
        PlantAtHand.of("oncidium").potted(2).saw(Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT);
    assertThat(by(approach, plant)).isEqualTo(Verdict.RESCUE);
  }

  private static JudgedApart apart(PlantAtHand plant) {
    var inForce = new Judge(Figures.standard(), Approach.HOUSE_RULES).judge(plant.situation());
    return new JudgedApart(Comparison.all(plant.situation(), inForce, Figures.standard()));
  }

  @Test
  void aPlantIsJudgedApartWhereSomethingElseIsAskedForAndNotWhereItIsOnlyDoneOtherwise() {
    var divided =
        PlantAtHand.of("oncidium")
            .potted(12, Mix.of(Component.PUMICE))
            .saw(Items.NEW_ROOTS, RootStage.NUB)
            .saw(Items.PARTS, Parts.TWO_SOUND)
            .measured(Items.RIM, -5);
    assertThat(apart(divided).asked()).as("divided, or moved up whole").isEqualTo(2);
    assertThat(apart(divided).apart()).isTrue();
    var rescued =
        PlantAtHand.of("oncidium").potted(2).saw(Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT);
    assertThat(apart(rescued).apart()).as("a hazard").isFalse();
    var watched = PlantAtHand.of("oncidium").potted(2).saw(Items.ROOTS_IN_POT, RootsInPot.FIRM);
    assertThat(apart(watched).asked()).as("leave it, or watch it").isEqualTo(1);
  }

  /** Whatever a grower would do differently with the plant, and nothing finer. */
  @ParameterizedTest
  @CsvSource({
    "LEAVE, LEAVE",
    "WATCH, LEAVE",
    "ADJUST_CARE, LEAVE",
    "WAIT_FOR, WAIT",
    "LIFT_AND_LOOK, MOVE",
    "MOVE_UP, MOVE",
    "PART_REPOT, MOVE",
    "FULL_REPOT, MOVE",
    "RESCUE, MOVE",
    "DIVIDE, DIVIDE",
    "LET_GO, LET_GO"
  })
  void eachVerdictAsksForSomething(Verdict verdict, Asks asks) {
    assertThat(verdict.asks()).isEqualTo(asks);
  }
}
