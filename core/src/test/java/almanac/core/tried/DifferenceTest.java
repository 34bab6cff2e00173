package almanac.core.tried;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.tried.Difference.Pair;
import almanac.core.tried.Difference.Says;
import almanac.core.words.Measure;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Over trials of which the truth is known. */
class DifferenceTest {
  private static final Figures FIGURES = Figures.standard();
  private static final int RUNS = 2000;
  private static final double GROWTH_MM = 110;
  private static final double READ_MM = 8;

  /** Plants differ among each other; what is tried changes all of them by the same on average. */
  private static final class House {
    private final Random random;
    private final double plantsDifferBy;

    House(long seed, double plantsDifferBy) {
      this.random = new Random(seed);
      this.plantsDifferBy = plantsDifferBy;
    }

    Pair pair(double truth) {
      double plant = GROWTH_MM + random.nextGaussian() * plantsDifferBy;
      return new Pair(
          plant + truth + random.nextGaussian() * READ_MM, plant + random.nextGaussian() * READ_MM);
    }

    List<Pair> pairs(int n, double truth) {
      return Stream.generate(() -> pair(truth)).limit(n).toList();
    }
  }

  private static Difference halves(List<Pair> pairs) {
    return Difference.inPairs(pairs, FIGURES).orElseThrow();
  }

  private static Difference apart(List<Pair> pairs) {
    return Difference.between(
            pairs.stream().map(Pair::tried).toList(),
            pairs.stream().map(Pair::against).toList(),
            FIGURES)
        .orElseThrow();
  }

  private static boolean holds(Difference difference, double truth) {
    return difference.low() <= truth && truth <= difference.high();
  }

  @Test
  @Tag("long")
  void theTruthLiesInsideInNineCasesOfTen() {
    for (int n : new int[] {5, 8, 15}) {
      var house = new House(n, 20);
      int inPairs = 0;
      int between = 0;
      for (int i = 0; i < RUNS; i++) {
        double truth = i % 40 - 20;
        inPairs += holds(halves(house.pairs(n, truth)), truth) ? 1 : 0;
        var others = house.pairs(n, 0);
        var strangers =
            IntStream.range(0, n)
                .mapToObj(at -> new Pair(house.pair(truth).tried(), others.get(at).against()))
                .toList();
        between += holds(apart(strangers), truth) ? 1 : 0;
      }
      assertThat(inPairs / (double) RUNS).as("%d pairs", n).isBetween(0.85, 0.95);
      assertThat(between / (double) RUNS).as("%d plants", n).isBetween(0.85, 0.95);
    }
  }

  @Test
  void whatChangesNothingIsSeldomSaidToAndWhatChangesMuchMostlyIs() {
    var house = new House(5, 20);
    int wrongly = 0;
    int rightly = 0;
    int upsideDown = 0;
    for (int i = 0; i < RUNS; i++) {
      wrongly += halves(house.pairs(8, 0)).says() == Says.NONE ? 0 : 1;
      rightly += halves(house.pairs(8, 20)).says() == Says.MORE ? 1 : 0;
      upsideDown += halves(house.pairs(8, -20)).says() == Says.LESS ? 1 : 0;
    }
    assertThat(wrongly / (double) RUNS).isBetween(0.02, 0.12);
    assertThat(rightly / (double) RUNS).isGreaterThan(0.8);
    assertThat(upsideDown / (double) RUNS).isGreaterThan(0.8);
  }

  @Test
  void halvesOfOnePlantTellMoreThanPlantsThatDiffer() {
    var house = new House(9, 40);
    int narrower = 0;
    for (int i = 0; i < RUNS; i++) {
      var pairs = house.pairs(6, 10);
      var inPairs = halves(pairs);
      var between = apart(pairs);
      assertThat(inPairs.likely()).isCloseTo(between.likely(), within(1e-9));
      narrower += inPairs.high() - inPairs.low() < between.high() - between.low() ? 1 : 0;
    }
    assertThat(narrower / (double) RUNS).isGreaterThan(0.9);
  }

  @Test
  void underFivePairsNothingFollowsHoweverFarTheyLie() {
    var pairs = new ArrayList<>(new House(2, 20).pairs(4, 200));
    assertThat(halves(pairs).says()).isEqualTo(Says.FEW);
    assertThat(apart(pairs).says()).isEqualTo(Says.FEW);
    assertThat(halves(pairs).words(Measure.MM).toString()).contains("too few");
    pairs.add(new House(3, 20).pair(200));
    assertThat(halves(pairs).says()).isEqualTo(Says.MORE);
    assertThat(apart(pairs).plants()).isEqualTo(5);
  }

  @Test
  void onePairOrOnePlantOnASideTellsNothing() {
    var one = List.of(new Pair(120, 100));
    assertThat(Difference.inPairs(one, FIGURES)).isEmpty();
    assertThat(Difference.between(List.of(120.0, 130.0), List.of(100.0), FIGURES)).isEmpty();
    assertThat(Difference.between(List.of(120.0), List.of(100.0, 90.0), FIGURES)).isEmpty();
  }

  /** A ruler shows whole tens; that all read alike does not make them sure. */
  @Test
  void readingsThatAreAllAlikeAreStillOnlyReadings() {
    var alike = List.of(new Pair(110, 100), new Pair(110, 100), new Pair(110, 100));
    assertThat(halves(alike).high() - halves(alike).low()).isGreaterThan(5);
    assertThat(apart(alike).high() - apart(alike).low()).isGreaterThan(5);
    var none = List.of(new Pair(0, 0), new Pair(0, 0));
    assertThat(halves(none).likely()).isZero();
    assertThat(halves(none).high()).isZero();
  }

  @Test
  void aDifferenceIsSaidWithItsRangeTheSmallerEndFirst() {
    var less = new Difference(6, -21, -12, -3, Says.LESS);
    assertThat(less.words(Measure.MM).toString())
        .isEqualTo("12 mm less (3 mm to 21 mm in nine cases of ten)");
    var more = new Difference(6, 3, 12, 21, Says.MORE);
    assertThat(more.words(Measure.MM).toString())
        .isEqualTo("12 mm more (3 mm to 21 mm in nine cases of ten)");
    assertThat(new Difference(6, -3, 1, 5, Says.NONE).words(Measure.MM).toString())
        .contains("no difference");
  }
}
