package almanac.core.taught;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import almanac.core.kinds.Trait;
import almanac.core.roots.RootSpeed;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** How fast roots grow here, over simulated houses of known truth. */
class SpeedHereTest {
  private static final Figures FIGURES = Figures.standard();
  private static final Kind KIND = StandardKinds.named("oncidium").orElseThrow();
  private static final double ASSUMED = KIND.of(Trait.ROOT_SPEED);

  /** As the rules have it: a house differs by a fifth, a plant by three tenths. */
  private static final double OF_HOUSES = 0.2;

  private static final double OF_PLANTS = 0.3;
  private static final double MEASURED = 0.1;

  private static SpeedHere of(int plants, double mmAWeek) {
    return SpeedHere.of(
        KIND, Collections.nCopies(plants, new RootSpeed(Math.log(mmAWeek), MEASURED)), FIGURES);
  }

  private static SpeedHere drawn(double truth, int plants, Random random) {
    return SpeedHere.of(
        KIND,
        IntStream.range(0, plants)
            .mapToObj(
                i ->
                    new RootSpeed(
                        truth
                            + random.nextGaussian() * OF_PLANTS
                            + random.nextGaussian() * MEASURED,
                        MEASURED))
            .toList(),
        FIGURES);
  }

  @Test
  void withoutMeasurementsItIsWhatIsAssumedAndTwoPlantsSayNothing() {
    var none = SpeedHere.of(KIND, List.of(), FIGURES);
    assertThat(none.likely()).isCloseTo(ASSUMED, within(1e-9));
    assertThat(of(2, 3 * ASSUMED).against()).isEqualTo(Chance.Against.FEW);
    assertThat(of(2, 3 * ASSUMED).words()).startsWith("too few");
  }

  @Test
  void manyFastOrSlowPlantsRuleTheAssumedSpeedOut() {
    assertThat(of(12, 1.8 * ASSUMED).against()).isEqualTo(Chance.Against.BETTER);
    assertThat(of(12, 0.5 * ASSUMED).against()).isEqualTo(Chance.Against.WORSE);
    assertThat(of(12, ASSUMED).against()).isEqualTo(Chance.Against.AS_ASSUMED);
  }

  @Test
  void theTruthLiesInsideInAboutNineHousesOfTen() {
    var random = new Random(5);
    int inside = 0;
    int runs = 2000;
    for (int i = 0; i < runs; i++) {
      double truth = Math.log(ASSUMED) + random.nextGaussian() * OF_HOUSES;
      var here = drawn(truth, 1 + random.nextInt(10), random);
      inside += here.low() <= Math.exp(truth) && Math.exp(truth) <= here.high() ? 1 : 0;
    }
    assertThat(inside / (double) runs).isBetween(0.85, 0.95);
  }

  @Test
  void aSpeedThatIsRightIsHardlyEverCalledWrongAndOneFarOffMostlyIs() {
    var random = new Random(6);
    int wrong = 0;
    int found = 0;
    for (int i = 0; i < 1000; i++) {
      wrong += drawn(Math.log(ASSUMED), 10, random).against().clear() ? 1 : 0;
      found += drawn(Math.log(1.7 * ASSUMED), 40, random).against().clear() ? 1 : 0;
    }
    assertThat(wrong).isLessThanOrEqualTo(50);
    assertThat(found).isGreaterThanOrEqualTo(800);
  }

  @Test
  void morePlantsNeverWidenIt() {
    for (int plants = 0; plants < 30; plants++) {
      var fewer = of(plants, ASSUMED);
      var more = of(plants + 1, ASSUMED);
      assertThat(more.high() / more.low()).isLessThan(fewer.high() / fewer.low());
    }
  }
}
