package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.inspection.Bulbs;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.inspection.Pests;
import org.junit.jupiter.api.Test;

/** A plant that sinks in more than one way is named; one bad look is none. */
class DownhillTest {
  private static PlantAtHand leaves(PlantAtHand plant, int daysAgo, Leaves leaves) {
    return plant.daysAgo(daysAgo).saw(Items.LEAVES, leaves);
  }

  private static PlantAtHand soft() {
    return soft(30);
  }

  private static PlantAtHand soft(int months) {
    var plant = leaves(PlantAtHand.of("oncidium").potted(months), 300, Leaves.FIRM);
    return leaves(leaves(plant, 200, Leaves.SLIGHTLY_SOFT), 20, Leaves.WRINKLED);
  }

  private static String first(PlantAtHand plant) {
    return plant.judged().found().first().toString();
  }

  @Test
  void softLeavesAndThinBulbsTogetherAreNamedWithTheDayOfTheFirst() {
    assertThat(soft().judged().found().downhill()).as("one sign may have one cause").isFalse();
    var both = leaves(PlantAtHand.of("oncidium").potted(20), 300, Leaves.FIRM);
    both.saw(Items.BULBS, Bulbs.PLUMP);
    leaves(both, 200, Leaves.SLIGHTLY_SOFT).saw(Items.BULBS, Bulbs.LINED);
    leaves(both, 20, Leaves.WRINKLED).saw(Items.BULBS, Bulbs.LINED);
    assertThat(both.judged().found().downhill()).isTrue();
    assertThat(first(both))
        .contains("Going downhill since 2026-10-27: softer leaves and thinner bulbs.");
  }

  @Test
  void whoRecoversIsNotNamed() {
    var plant = soft();
    plant.daysAgo(60).saw(Items.PESTS, Pests.SCALE);
    plant.daysAgo(30).saw(Items.PESTS, Pests.SCALE);
    assertThat(plant.judged().found().downhill()).as("pests twice and softer leaves").isTrue();
    plant.daysAgo(2).saw(Items.LEAVES, Leaves.FIRM);
    assertThat(plant.judged().found().downhill()).isFalse();
  }

  @Test
  void pestsOfOneLookAreNoSign() {
    var plant = soft();
    plant.daysAgo(30).saw(Items.PESTS, Pests.SCALE);
    assertThat(plant.judged().found().downhill()).isFalse();
  }

  @Test
  void whatWasBeforeTheLastPottingIsSettled() {
    var plant = soft();
    plant.daysAgo(60).saw(Items.PESTS, Pests.SCALE);
    plant.daysAgo(30).saw(Items.PESTS, Pests.SCALE);
    assertThat(plant.pottedOn(PlantAtHand.MAY.minusDays(25)).judged().found().downhill()).isFalse();
  }

  @Test
  void whatLiesLongBackIsOver() {
    var plant = soft();
    plant.daysAgo(700).saw(Items.PESTS, Pests.SCALE);
    plant.daysAgo(650).saw(Items.PESTS, Pests.SCALE);
    assertThat(plant.judged().found().downhill()).isFalse();
  }

  @Test
  void growthsThatAreSmallerTwiceInARowAreASign() {
    var plant = soft(50);
    int[] sizes = {100, 80, 60};
    for (int i = 0; i < sizes.length; i++) {
      plant.daysAgo(1300 - i * 365).saw(Items.GROWTH, GrowthStage.STARTING);
      plant
          .daysAgo(1200 - i * 365)
          .saw(Items.GROWTH, GrowthStage.MATURE)
          .measured(Items.NEWEST_SIZE, sizes[i]);
    }
    plant.daysAgo(150).saw(Items.GROWTH, GrowthStage.STARTING);
    assertThat(first(plant)).contains("smaller growths");
  }
}
