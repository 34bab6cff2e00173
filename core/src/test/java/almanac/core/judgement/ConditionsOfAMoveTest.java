package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.history.Aim;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Items;
import almanac.core.inspection.LeafMarks;
import almanac.core.inspection.Leaves;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Stability;
import almanac.core.inspection.Wetness;
import almanac.core.judgement.compare.Differences;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.moments.WaitCondition;
import almanac.core.judgement.reason.Basis;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.verdict.Timing;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.roots.RootStage;
import almanac.core.words.Sentence;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Season, arrival, aim, and what a move costs. */
class ConditionsOfAMoveTest {

  private static List<String> words(List<Sentence> sentences) {
    return sentences.stream().map(Sentence::toString).toList();
  }

  private static double lossOutOfSeason(PlantAtHand plant) {
    return plant.judged().weighed().reasons().stream()
        .filter(reason -> reason.basis().equals(new Basis.Loss(ReadinessFigures.OUT_OF_SEASON)))
        .mapToDouble(Reason::points)
        .sum();
  }

  @Test
  void aColdPlaceTakesFromReadinessAndIsWaitedOut() {
    var cold =
        PlantAtHand.of("phalaenopsis")
            .potted(60)
            .atAMeanOf(15)
            .saw(Items.NEW_ROOTS, RootStage.ANCHORED)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MIXED);
    assertThat(lossOutOfSeason(cold)).isEqualTo(25);
    assertThat(cold.judged().weighed().reasons())
        .extracting(reason -> reason.sentence().toString())
        .contains("The place is too cold for its kind to root");
    assertThat(lossOutOfSeason(cold.atAMeanOf(20))).isZero();
  }

  @Test
  void bloomingGrowingAndRootingAtOnceIsTheGrowingSeason() {
    var dark =
        PlantAtHand.of("oncidium", PlantAtHand.DECEMBER)
            .potted(12)
            .atAMeanOf(16)
            .saw(Items.NEW_ROOTS, RootStage.NUB);
    assertThat(lossOutOfSeason(dark)).isEqualTo(25);
    assertThat(lossOutOfSeason(dark.atAMeanOf(20))).as("warm, and its tips grow").isEqualTo(12.5);
    dark.saw(Items.BLOOM, Bloom.OPEN).saw(Items.GROWTH, GrowthStage.HALF_GROWN);
    assertThat(lossOutOfSeason(dark)).isZero();
  }

  @Test
  void atRestItWaits() {
    var resting =
        PlantAtHand.of("masdevallia")
            .potted(12)
            .saw(Items.NEW_ROOTS, RootStage.NONE)
            .saw(Items.GROWTH, GrowthStage.RESTING);
    assertThat(resting.judged().readiness()).isEqualTo(55 - 25);
  }

  @ParameterizedTest(name = "rootless {0} months ago: {1}")
  @CsvSource({"3, 55", "11, 55", "13, 95"})
  void whatCameRootlessHasASeasonToRoot(int months, double readiness) {
    var plant =
        PlantAtHand.of("oncidium")
            .potted(14)
            .arrivedRootless(months)
            .saw(Items.NEW_ROOTS, RootStage.NUB);
    assertThat(plant.judged().readiness()).isEqualTo(readiness);
    plant.saw(Items.ROOTS_IN_POT, RootsInPot.FIRM);
    assertThat(plant.judged().readiness()).as("it has rooted").isEqualTo(95);
  }

  @Test
  void whatCameRootlessIsLeftASeasonMoreInTheSmallestPot() {
    var judged =
        PlantAtHand.of("oncidium")
            .potted(30)
            .arrivedRootless(6)
            .saw(Items.NEW_ROOTS, RootStage.LONG)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MIXED)
            .judged();
    assertThat(judged.verdict()).isEqualTo(Verdict.WAIT_FOR);
    assertThat(((Timing.Waits) judged.timing()).awaited().conditions())
        .containsExactly(WaitCondition.OWN_ROOTS);
    assertThat(judged.advice().toString()).contains("smallest pot");
    assertThat(((Timing.Waits) judged.timing()).awaited().likely())
        .isEqualTo(PlantAtHand.MAY.minusMonths(6).plusDays(365));
  }

  @Test
  void aNewPlantThatWobblesIsLookedAtFirst() {
    var old = PlantAtHand.of("oncidium").potted(12).saw(Items.STABILITY, Stability.SLIGHT_WOBBLE);
    assertThat(old.judged().verdict()).isEqualTo(Verdict.ADJUST_CARE);
    assertThat(old.arrived(2).judged().verdict()).isEqualTo(Verdict.LIFT_AND_LOOK);
    assertThat(old.arrived(5).judged().verdict()).isEqualTo(Verdict.ADJUST_CARE);
  }

  @Test
  void anAirLoverInPureMossShowsIt() {
    var plant =
        PlantAtHand.of("phalaenopsis")
            .potted(2, Mix.of(Component.SPHAGNUM_BEST))
            .saw(Items.LEAF_MARKS, LeafMarks.MANY_SPOTS);
    assertThat(plant.judged().need()).isEqualTo(15);
    var keptMoist =
        PlantAtHand.of("oncidium")
            .potted(2, Mix.of(Component.SPHAGNUM_BEST))
            .saw(Items.LEAF_MARKS, LeafMarks.LEAF_LOSS);
    assertThat(keptMoist.judged().need()).as("as wrong as for a dry one").isEqualTo(15);
    var onTheGround =
        PlantAtHand.of("sobralia")
            .potted(2, Mix.of(Component.SPHAGNUM_BEST))
            .saw(Items.LEAF_MARKS, LeafMarks.MANY_SPOTS);
    assertThat(onTheGround.judged().need()).isZero();
  }

  @ParameterizedTest(name = "{0}, dry after {1} days: need {2}")
  @CsvSource({"oncidium, 2, 15", "oncidium, 3, 0", "phalaenopsis, 2, 0"})
  void aThirstyKindInAMixThatDriesTooFast(String kind, double days, double need) {
    var plant =
        PlantAtHand.of(kind).potted(2, Mix.of(Component.PUMICE)).measured(Items.DAYS_TO_DRY, days);
    assertThat(plant.judged().need()).isEqualTo(need);
  }

  @Test
  void aMountThatDriesFastIsNoReason() {
    var plant =
        PlantAtHand.of("vanda")
            .potted(40, Mix.of(Component.MOUNT))
            .saw(Items.LEAVES, Leaves.WRINKLED)
            .saw(Items.WETNESS, Wetness.DRY);
    assertThat(plant.judged().need()).isZero();
    assertThat(plant.judged().verdict()).isEqualTo(Verdict.ADJUST_CARE);
    assertThat(words(plant.judged().besides().care()))
        .containsExactly("Lay moss over the roots on the mount");
  }

  @Test
  void theCostOfAMoveIsSaidBeforeItIsMade() {
    var plant =
        PlantAtHand.of("cattleya-one-leaved")
            .potted(40)
            .saw(Items.NEW_ROOTS, RootStage.SHORT)
            .saw(Items.BLOOM, Bloom.BUDS)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT);
    assertThat(plant.judged().verdict()).isEqualTo(Verdict.RESCUE);
    assertThat(words(plant.judged().besides().costs())).containsExactly("Expect to lose the buds.");
    var left = PlantAtHand.of("oncidium").potted(3).saw(Items.BLOOM, Bloom.BUDS);
    assertThat(left.judged().besides().costs()).isEmpty();
  }

  @ParameterizedTest(name = "{0}: “{1}”")
  @CsvSource({
    "BUDS, A bud or two may drop.",
    "SPIKE, The spike may pause.",
    "OPEN, The flowers may go early."
  })
  void aWholeBallCostsHardlyAnything(Bloom bloom, String words) {
    var judged =
        PlantAtHand.of("oncidium")
            .potted(12, Mix.of(Component.PUMICE))
            .saw(Items.NEW_ROOTS, RootStage.NUB)
            .saw(Items.BLOOM, bloom)
            .measured(Items.RIM, -5)
            .judged();
    assertThat(judged.verdict()).isEqualTo(Verdict.MOVE_UP);
    assertThat(words(judged.besides().costs())).containsExactly(words);
    assertThat(judged.readiness()).as("flowers count half").isGreaterThan(80);
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({"AS_IT_COMES, DIVIDE", "GROW_LARGE, MOVE_UP", "DIVIDE, DIVIDE", "KEEP_SMALL, DIVIDE"})
  void theAimDecidesBetweenOnePlantAndTwo(Aim aim, Verdict verdict) {
    var plant =
        PlantAtHand.of("oncidium")
            .potted(12, Mix.of(Component.PUMICE))
            .aim(aim)
            .saw(Items.NEW_ROOTS, RootStage.NUB)
            .saw(Items.PARTS, almanac.core.inspection.Parts.TWO_SOUND)
            .measured(Items.RIM, -5);
    assertThat(plant.judged().verdict()).isEqualTo(verdict);
  }

  @Test
  void whatCountsNowAndWhatNoMoreIsSaid() {
    var before =
        PlantAtHand.of("oncidium").potted(26).saw(Items.NEW_ROOTS, RootStage.SHORT).judged();
    var after = PlantAtHand.of("oncidium").potted(26).saw(Items.NEW_ROOTS, RootStage.NUB).judged();
    assertThat(words(Differences.between(before, after)))
        .containsExactly(
            "Full repot instead of wait",
            "Readiness 95 points instead of 15 points",
            "Counts now: Newest roots: nubs; it takes a move at the nubs, or once its roots are long",
            "Counts no more: Newest roots: short; it takes a move at the nubs, or once its roots are long");
  }
}
