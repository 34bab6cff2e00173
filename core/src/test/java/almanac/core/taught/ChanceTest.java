package almanac.core.taught;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.taught.Chance.Against;
import java.util.Random;
import java.util.function.DoubleSupplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Small numbers are shown as small numbers. */
class ChanceTest {
  private static final Figures FIGURES = Figures.standard();
  private static final int RUNS = 4000;

  private static int draw(int of, double truth, Random random) {
    int well = 0;
    for (int i = 0; i < of; i++) {
      well += random.nextDouble() < truth ? 1 : 0;
    }
    return well;
  }

  @Test
  void withoutAnyCaseItIsWhatIsAssumed() {
    var chance = Chance.of(0, 0, 0.9, FIGURES);
    assertThat(chance.likely()).isCloseTo(0.9, within(1e-9));
    assertThat(chance.against()).isEqualTo(Against.FEW);
    assertThat(chance.low()).isLessThan(0.9);
    assertThat(chance.high()).isGreaterThan(0.9);
  }

  @Test
  void whatIsAssumedWeighsAsMuchAsEightCases() {
    assertThat(Chance.of(8, 8, 0.5, FIGURES).likely()).isCloseTo(12.0 / 16, within(1e-9));
    assertThat(Chance.of(8, 8, 0.5, FIGURES.with(LearningFigures.WEIGHT, 2)).likely())
        .isCloseTo(0.9, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({
    "0, 4, 0.9, FEW",
    "4, 5, 0.9, AS_ASSUMED",
    "2, 5, 0.9, PERHAPS_WORSE",
    "1, 5, 0.9, WORSE",
    "6, 11, 0.75, PERHAPS_WORSE",
    "11, 12, 0.75, PERHAPS_BETTER",
    "40, 40, 0.75, BETTER",
    "10, 40, 0.75, WORSE",
    "30, 40, 0.75, AS_ASSUMED"
  })
  void aWordIsSaidWhereTheCasesBearIt(int well, int of, double assumed, Against against) {
    assertThat(Chance.of(well, of, assumed, FIGURES).against()).isEqualTo(against);
  }

  @ParameterizedTest
  @ValueSource(ints = {5, 12, 40, 160})
  void theTruthLiesInsideInNineCasesOfTen(int of) {
    var random = new Random(7);
    int inside = 0;
    for (int i = 0; i < RUNS; i++) {
      // The truth of one collection, as far off what is assumed as the weight of that says.
      double truth = beta(0.75 * 8, 0.25 * 8, random);
      var chance = Chance.of(draw(of, truth, random), of, 0.75, FIGURES);
      inside += chance.low() <= truth && truth <= chance.high() ? 1 : 0;
    }
    assertThat(inside / (double) RUNS).isBetween(0.85, 0.95);
  }

  @Test
  void moreCasesNeverWidenItOnAverage() {
    var random = new Random(8);
    double before = width(0, random);
    for (int of : new int[] {2, 5, 10, 20, 40, 80}) {
      double now = width(of, random);
      assertThat(now).as("with %d", of).isLessThan(before);
      before = now;
    }
  }

  private static double width(int of, Random random) {
    double sum = 0;
    for (int i = 0; i < RUNS; i++) {
      var chance = Chance.of(draw(of, 0.75, random), of, 0.75, FIGURES);
      sum += chance.high() - chance.low();
    }
    return sum / RUNS;
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.45, 0.75, 0.9})
  void whereAllIsAsAssumedHardlyAnythingIsSaid(double assumed) {
    for (int of : new int[] {5, 10, 20, 40}) {
      assertThat(clear(of, assumed, assumed)).as("with %d", of).isLessThanOrEqualTo(0.05);
    }
  }

  @ParameterizedTest
  @CsvSource({"0.9, 0.6", "0.75, 0.45", "0.45, 0.75"})
  void whereItIsFarOffThatIsSaidAfterFortyCases(double assumed, double truth) {
    assertThat(clear(40, assumed, truth)).isGreaterThanOrEqualTo(0.8);
  }

  private static double clear(int of, double assumed, double truth) {
    var random = new Random(9);
    int said = 0;
    for (int i = 0; i < RUNS; i++) {
      var against = Chance.of(draw(of, truth, random), of, assumed, FIGURES).against();
      said += against == Against.BETTER || against == Against.WORSE ? 1 : 0;
    }
    return said / (double) RUNS;
  }

  /** Drawn by two gammas of whole and half shape, not by what is tested. */
  private static double beta(double a, double b, Random random) {
    DoubleSupplier exponential = () -> -Math.log(1 - random.nextDouble());
    double one = gamma(a, exponential);
    return one / (one + gamma(b, exponential));
  }

  private static double gamma(double shape, DoubleSupplier exponential) {
    double sum = 0;
    for (int i = 0; i < (int) shape; i++) {
      sum += exponential.getAsDouble();
    }
    return sum;
  }
}
