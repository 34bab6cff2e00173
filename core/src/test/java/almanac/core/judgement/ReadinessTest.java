package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.roots.RootStage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How well each kind would take a move, by its newest roots, in May on a sill. */
class ReadinessTest {

  private static PlantAtHand of(String kind) {
    return PlantAtHand.of(kind).potted(12);
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource({
    "encyclia, 20, 85, 95, 15, 15, 25, 25",
    "oncidium, 25, 85, 95, 15, 20, 75, 30",
    "phalaenopsis, 40, 85, 95, 80, 80, 80, 60",
    "cattleya-two-leaved, 15, 25, 25, 25, 40, 60, 45",
    "cattleya-one-leaved, 55, 90, 95, 50, 50, 65, 60",
    "coelogyne, 15, 55, 60, 15, 15, 25, 20",
    "paphiopedilum, 20, 85, 95, 15, 15, 25, 25"
  })
  void theBaseFollowsKindAndRootStage(
      String kind,
      double none,
      double swelling,
      double nub,
      double shorter,
      double mid,
      double longer,
      double anchored) {
    double[] bases = {none, swelling, nub, shorter, mid, longer, anchored};
    for (var stage : RootStage.values()) {
      assertThat(of(kind).saw(Items.NEW_ROOTS, stage).judged().readiness())
          .as("%s at %s", kind, stage)
          .isEqualTo(bases[stage.ordinal()]);
    }
  }

  @ParameterizedTest(name = "a deciduous kind with its growth {0}: {1}")
  @CsvSource({
    "EYE_SWELLING, 95",
    "STARTING, 95",
    "HALF_GROWN, 35",
    "NEARLY_MATURE, 25",
    "MATURE, 25",
    "RESTING, 55"
  })
  void deciduousKindsAreJudgedByTheirGrowth(GrowthStage growth, double points) {
    var judged =
        of("catasetum").saw(Items.GROWTH, growth).saw(Items.NEW_ROOTS, RootStage.NUB).judged();
    assertThat(judged.readiness()).isEqualTo(points);
  }

  @Test
  void aDeciduousKindWhoseRootsHaveGrownPastTheStartIsNoLongerReady() {
    var late =
        of("catasetum")
            .saw(Items.GROWTH, GrowthStage.STARTING)
            .saw(Items.NEW_ROOTS, RootStage.SHORT);
    assertThat(late.judged().readiness()).isEqualTo(35);
    assertThat(late.judged().need()).as("nor asks for its yearly move").isLessThan(60);
  }

  @Test
  void aTwoLeavedCattleyaIsReadyFromAHundredAndThirty() {
    assertThat(of("cattleya-two-leaved").rootsOf(129).judged().readiness()).isEqualTo(60);
    assertThat(of("cattleya-two-leaved").rootsOf(130).judged().readiness()).isEqualTo(90);
  }

  @ParameterizedTest
  @CsvSource({"NONE, 95", "SPIKE, 80", "BUDS, 70", "OPEN, 80", "FADING, 90", "FINISHED, 95"})
  void flowersTakeFromIt(Bloom bloom, double points) {
    var judged =
        of("oncidium").saw(Items.NEW_ROOTS, RootStage.NUB).saw(Items.BLOOM, bloom).judged();
    assertThat(judged.readiness()).isEqualTo(points);
  }

  @ParameterizedTest(name = "moved {0} months ago: {1}")
  @CsvSource({"1, 60", "2, 60", "4, 75", "5, 75", "7, 95"})
  void aLateMoveTakesFromIt(int monthsAgo, double points) {
    var judged =
        PlantAtHand.of("oncidium").potted(monthsAgo).saw(Items.NEW_ROOTS, RootStage.NUB).judged();
    assertThat(judged.readiness()).isEqualTo(points);
  }

  @Test
  void darkDaysAndThirstTakeFromIt() {
    var dark =
        PlantAtHand.of("oncidium", PlantAtHand.DECEMBER)
            .potted(12)
            .atAMeanOf(16)
            .saw(Items.NEW_ROOTS, RootStage.NUB);
    assertThat(dark.judged().readiness()).isEqualTo(70);
    assertThat(dark.underLights().judged().readiness()).isEqualTo(95);
    var dry =
        of("oncidium")
            .saw(Items.NEW_ROOTS, RootStage.NUB)
            .saw(Items.LEAVES, Leaves.WRINKLED)
            .judged();
    assertThat(dry.readiness()).isEqualTo(80);
  }

  @Test
  void aSlipperInSpentMediumTakesAMoveAtAnyTime() {
    var fresh = PlantAtHand.of("paphiopedilum").potted(12).saw(Items.NEW_ROOTS, RootStage.ANCHORED);
    var spent = PlantAtHand.of("paphiopedilum").potted(30).saw(Items.NEW_ROOTS, RootStage.ANCHORED);
    assertThat(fresh.judged().readiness()).isEqualTo(25);
    assertThat(spent.judged().readiness()).isEqualTo(60);
  }

  @Test
  void anIntactMoveIsBarelyADisturbance() {
    var judged =
        PlantAtHand.of("oncidium")
            .potted(12, Mix.of(Component.PUMICE))
            .saw(Items.NEW_ROOTS, RootStage.SHORT)
            .saw(Items.BLOOM, Bloom.BUDS)
            .measured(Items.RIM, -5)
            .judged();
    assertThat(judged.method().verdict()).isEqualTo(Verdict.MOVE_UP);
    assertThat(judged.readiness()).isEqualTo(70);
  }

  @Test
  void unseenRootsAreARangeAndNotTheWorst() {
    var judged = of("oncidium").judged();
    assertThat(judged.readiness()).isEqualTo(15);
    assertThat(judged.weighed().readinessMost()).isEqualTo(95);
  }

  @Test
  void rootsSeenLongAgoAreAsGoodAsUnseen() {
    var judged = of("oncidium").daysAgo(100).saw(Items.NEW_ROOTS, RootStage.NONE).judged();
    assertThat(judged.weighed().readinessMost()).isEqualTo(95);
    assertThat(judged.weighed().reasons())
        .extracting(reason -> reason.sentence().toString())
        .contains(
            "Nobody has seen its newest roots since 2027-02-04;"
                + " it takes a move at the nubs, or once its roots are long");
  }
}
