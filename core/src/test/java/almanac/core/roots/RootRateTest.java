package almanac.core.roots;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A plant's own speed, from dated measurements of one lead. */
class RootRateTest {
  private static final LocalDate DAY = LocalDate.of(2027, 5, 1);
  private static final Figures FIGURES = Figures.standard();
  private static final double KIND = 17;

  private static RootLook measured(int day, double mm) {
    return new RootLook(DAY.plusDays(day), RootStage.ofLength(mm, FIGURES), OptionalDouble.of(mm));
  }

  private static RootRate rate(RootLook... looks) {
    return RootRate.of(List.of(looks), KIND, FIGURES);
  }

  @Test
  void oneMeasurementGivesTheSpeedOfTheKind() {
    var rate = rate(measured(0, 8));
    assertThat(rate.mmAWeek()).isEqualTo(KIND);
    assertThat(rate.measurements()).isZero();
    assertThat(rate.spread()).isEqualTo(0.3);
  }

  @Test
  void twoMeasurementsReplaceIt() {
    var rate = rate(measured(0, 8), measured(14, 28));
    assertThat(rate.mmAWeek()).isCloseTo(10, within(0.01));
    assertThat(rate.measurements()).isEqualTo(2);
    assertThat(rate.spread()).isGreaterThan(0);
  }

  @Test
  void twoMeasurementsOfNeighbouringDaysAreTooClose() {
    assertThat(rate(measured(0, 8), measured(3, 9)).measurements()).isZero();
  }

  @Test
  void oneSlipOfTheRulerDoesNotMoveIt() {
    var straight = rate(measured(0, 10), measured(7, 20), measured(14, 30), measured(21, 40));
    var slipped =
        rate(
            measured(0, 10),
            measured(7, 20),
            measured(14, 30),
            measured(21, 40),
            measured(22, 61),
            measured(28, 60));
    assertThat(straight.mmAWeek()).isCloseTo(10, within(0.01));
    assertThat(slipped.mmAWeek()).isBetween(9.0, 16.0);
    assertThat(slipped.spread()).isGreaterThan(straight.spread());
  }

  @Test
  void moreMeasurementsOverALongerTimeAreSurer() {
    var few = rate(measured(0, 8), measured(7, 18));
    var many = rate(measured(0, 8), measured(7, 18), measured(14, 28), measured(28, 48));
    assertThat(many.spread()).isLessThan(few.spread());
  }

  @Test
  void aShorterRootBelongsToTheNextFlush() {
    var rate = rate(measured(0, 20), measured(14, 90), measured(60, 5), measured(74, 15));
    assertThat(rate.mmAWeek()).isCloseTo(5, within(0.01));
    assertThat(rate.measurements()).isEqualTo(2);
  }

  @Test
  void rootsThatHaveGoneInEndTheirFlush() {
    var gone = new RootLook(DAY.plusDays(20), RootStage.ANCHORED, OptionalDouble.empty());
    assertThat(rate(measured(0, 8), measured(14, 28), gone, measured(40, 30)).measurements())
        .isZero();
  }

  @Test
  void aTipThatStandsStillStillHasADate() {
    var forecast =
        RootForecast.of(List.of(measured(0, 8), measured(30, 8)), KIND, FIGURES).orElseThrow();
    assertThat(forecast.rate().mmAWeek()).isPositive();
    assertThat(forecast.unsafeUntil(FIGURES).likely()).isAfter(DAY.plusYears(2));
  }

  @Test
  void aStageSeenByEyeGrowsOnFromTheLastMeasurementAsFarAsTheStageAllows() {
    var seen = new RootLook(DAY.plusDays(14), RootStage.SHORT, OptionalDouble.empty());
    var forecast = RootForecast.of(List.of(measured(0, 8), seen), KIND, FIGURES).orElseThrow();
    assertThat(forecast.lengthMm()).as("8 + 2 × 17").isCloseTo(42, within(0.01));
    var still = new RootLook(DAY.plusDays(28), RootStage.SHORT, OptionalDouble.empty());
    assertThat(
            RootForecast.of(List.of(measured(0, 8), still), KIND, FIGURES).orElseThrow().lengthMm())
        .isBetween(49.0, 50.0);
  }

  static List<Integer> seeds() {
    return IntStream.range(0, 200).boxed().toList();
  }

  /** Growing roots, measured by a ruler that errs. */
  private static List<RootLook> looks(int seed, double lastMore) {
    var random = new Random(seed);
    var looks = new ArrayList<RootLook>();
    double mm = 1 + random.nextInt(15);
    int day = 0;
    int many = 2 + random.nextInt(5);
    for (int i = 0; i < many; i++) {
      looks.add(measured(day, mm + (i == many - 1 ? lastMore : 0)));
      day += 3 + random.nextInt(12);
      mm += 1 + random.nextInt(25);
    }
    return looks;
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void aMeasuredRootNeverMovesTheForecastBackwards(int seed) {
    var looks = looks(seed, 0);
    var last = looks.get(looks.size() - 1);
    var forecast = RootForecast.of(looks, KIND, FIGURES).orElseThrow();
    double before = last.longestMm().orElseThrow();
    for (int days = 0; days < 60; days++) {
      double length = forecast.lengthOn(last.on().plusDays(days));
      assertThat(length).isGreaterThanOrEqualTo(before);
      before = length;
    }
    var longer = RootForecast.of(looks(seed, 3), KIND, FIGURES).orElseThrow();
    assertThat(longer.unsafeUntil(FIGURES).likely())
        .as("a longer root is never further from the next window")
        .isBeforeOrEqualTo(forecast.unsafeUntil(FIGURES).likely());
    var passing = forecast.unsafeUntil(FIGURES);
    assertThat(passing.likely()).isBetween(passing.earliest(), passing.latest());
  }
}
