package almanac.core.taught;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.medium.Component;
import almanac.core.taught.Chance.Against;
import almanac.core.taught.LifeHere.Told;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A piece between the fingers tells a band; many of them tell how long bark lasts here. */
class LifeHereTest {
  private static final Figures FIGURES = Figures.standard();
  private static final int RUNS = 1000;

  private static LifeHere of(Told... pots) {
    return LifeHere.of(Component.BARK_FINE, List.of(pots), FIGURES);
  }

  /**
   * Pots of a collection in which it lasts so many times as long, each felt once on some day. What
   * lies between two answers is called by the nearer one.
   */
  private static List<Told> pots(int of, double truth, Random random) {
    var pots = new ArrayList<Told>();
    for (int i = 0; i < of; i++) {
      double own = truth * Math.exp(0.3 * random.nextGaussian());
      double calendar = 0.2 + 1.6 * random.nextDouble();
      double used = calendar / own;
      if (used < 0.5) {
        pots.add(new Told(calendar / 0.5, Double.POSITIVE_INFINITY));
      } else if (used < 0.9) {
        pots.add(new Told(calendar / 0.8, calendar / 0.5));
      } else {
        pots.add(new Told(0, calendar));
      }
    }
    return pots;
  }

  @Test
  void withoutAnyPotItIsWhatIsAssumed() {
    var life = of();
    assertThat(life.assumed()).isEqualTo(18);
    assertThat(life.likely()).isCloseTo(18, within(0.01));
    assertThat(life.against()).isEqualTo(Against.FEW);
    assertThat(life.low()).isBetween(9.5, 10.5);
    assertThat(life.high()).isBetween(31.0, 33.0);
  }

  @Test
  void softTooSoonIsShorterAndFirmTooLongIsLonger() {
    var soon = new Told(0, 0.6);
    var late = new Told(1.6, Double.POSITIVE_INFINITY);
    var shorter = of(Collections.nCopies(8, soon).toArray(Told[]::new));
    var longer = of(Collections.nCopies(8, late).toArray(Told[]::new));
    assertThat(shorter.high()).isLessThan(18);
    assertThat(shorter.against()).isEqualTo(Against.WORSE);
    assertThat(longer.low()).isGreaterThan(18);
    assertThat(longer.against()).isEqualTo(Against.BETTER);
    assertThat(of(soon, soon, soon, soon).against()).as("four pots").isEqualTo(Against.FEW);
  }

  @ParameterizedTest
  @ValueSource(ints = {5, 20, 60})
  void theTruthLiesInsideInNineCasesOfTen(int of) {
    var random = new Random(11);
    int inside = 0;
    for (int i = 0; i < RUNS; i++) {
      double truth = Math.exp(0.35 * random.nextGaussian());
      var life = LifeHere.of(Component.BARK_FINE, pots(of, truth, random), FIGURES);
      inside += life.low() <= 18 * truth && 18 * truth <= life.high() ? 1 : 0;
    }
    assertThat(inside / (double) RUNS).isBetween(0.85, 0.95);
  }

  @Test
  void whereItLastsAsAssumedHardlyAnythingIsSaid() {
    assertThat(clear(20, 1)).isLessThanOrEqualTo(0.05);
  }

  @Test
  void whereItLastsMuchShorterThatIsSaidAfterFortyPots() {
    assertThat(clear(40, 0.65)).isGreaterThanOrEqualTo(0.8);
  }

  private static double clear(int of, double truth) {
    var random = new Random(12);
    int said = 0;
    for (int i = 0; i < RUNS; i++) {
      var against = LifeHere.of(Component.BARK_FINE, pots(of, truth, random), FIGURES).against();
      said += against == Against.BETTER || against == Against.WORSE ? 1 : 0;
    }
    return said / (double) RUNS;
  }

  @Test
  void theOrderOfThePotsDoesNotMatter() {
    var pots = pots(20, 0.8, new Random(3));
    var turned = new ArrayList<>(pots);
    Collections.reverse(turned);
    var one = LifeHere.of(Component.BARK_FINE, pots, FIGURES);
    var other = LifeHere.of(Component.BARK_FINE, turned, FIGURES);
    assertThat(one.likely()).isCloseTo(other.likely(), within(1e-9));
    assertThat(one.low()).isEqualTo(other.low());
  }
}
