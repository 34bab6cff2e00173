package almanac.core.roots;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.season.GrowthPace;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Over many simulated roots: is the range as wide as the doubt, and the likely day the best? */
@Tag("long")
class HonestForecastTest {
  private static final Figures FIGURES = Figures.standard();
  private static final int MANY = 1500;

  private static RootForecast.Passing forecast(Simulated root, double kind) {
    return RootForecast.of(
            root.looks(), RootSpeed.ofKind(kind, FIGURES), GrowthPace.full(), FIGURES)
        .orElseThrow()
        .unsafeUntil(FIGURES);
  }

  /** By how many days it errs, on average. */
  private static double error(List<Simulated> roots, double kind) {
    return roots.stream()
        .mapToDouble(
            root -> Math.abs(ChronoUnit.DAYS.between(root.passed(), forecast(root, kind).likely())))
        .average()
        .orElseThrow();
  }

  @ParameterizedTest(name = "{0} mm a week, {1} measurements {2} days apart")
  @CsvSource({
    "17, 1, 7",
    "17, 2, 1",
    "17, 2, 5",
    "17, 2, 14",
    "17, 3, 3",
    "17, 3, 7",
    "17, 3, 14",
    "17, 4, 2",
    "17, 4, 9",
    "17, 5, 2",
    "17, 5, 5",
    "17, 5, 9",
    "4, 1, 7",
    "4, 2, 1",
    "4, 2, 5",
    "4, 2, 21",
    "4, 3, 3",
    "4, 3, 10",
    "4, 4, 14",
    "4, 5, 2",
    "4, 5, 7",
    "4, 5, 21",
    "30, 1, 7",
    "30, 2, 5",
    "30, 3, 4",
    "30, 4, 3",
    "30, 5, 2"
  })
  void theRangeHoldsTheTrueDayInNineOfTenAndNothingBetterCanBeSaid(
      double kind, int readings, int gap) {
    var roots = Simulated.roots(kind, readings, gap, MANY);
    long held =
        roots.stream()
            .filter(
                root -> {
                  var passing = forecast(root, kind);
                  return !root.passed().isBefore(passing.earliest())
                      && !root.passed().isAfter(passing.latest());
                })
            .count();
    assertThat(held / (double) MANY).isBetween(0.85, 0.95);

    double exact =
        roots.stream()
            .mapToDouble(
                root ->
                    Math.abs(
                        ChronoUnit.DAYS.between(root.lastRead(), root.passed())
                            - 0.5
                            - root.exactDays(kind)))
            .average()
            .orElseThrow();
    assertThat(error(roots, kind)).isLessThanOrEqualTo(1.05 * exact);
  }

  @ParameterizedTest(name = "{0} mm a week, {1} days apart")
  @CsvSource({"17, 3", "17, 7", "4, 3", "4, 7", "4, 14", "30, 3"})
  void moreMeasurementsNeverMakeItWorse(double kind, int gap) {
    double before = Double.POSITIVE_INFINITY;
    for (int readings = 1; readings <= 5; readings++) {
      var roots = Simulated.roots(kind, 5, gap, MANY);
      int first = readings;
      double error =
          error(
              roots.stream()
                  .map(root -> new Simulated(root.looks().subList(0, first), root.passed()))
                  .toList(),
              kind);
      assertThat(error).as("%d measurements", readings).isLessThanOrEqualTo(before);
      before = error;
    }
  }

  @Test
  void oneSlipAmongFiveHardlyMovesIt() {
    int found = 0;
    for (var root : Simulated.roots(17, 5, 5, 200)) {
      var straight = forecast(root, 17).likely();
      var looks = new java.util.ArrayList<>(root.looks());
      var third = looks.get(2);
      double slip = third.longestMm().orElseThrow() + 60;
      looks.set(
          2,
          new RootLook(
              third.on(), RootStage.ofLength(slip, FIGURES), java.util.OptionalDouble.of(slip)));
      var slipped = forecast(new Simulated(looks, root.passed()), 17).likely();
      assertThat(Math.abs(ChronoUnit.DAYS.between(straight, slipped))).isLessThanOrEqualTo(7);
      found++;
    }
    assertThat(found).isEqualTo(200);
  }
}
