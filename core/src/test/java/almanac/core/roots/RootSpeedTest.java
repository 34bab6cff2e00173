package almanac.core.roots;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.season.GrowthPace;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What is thought of a plant's speed, after measurements, earlier flushes and other plants. */
class RootSpeedTest {
  private static final LocalDate DAY = LocalDate.of(2027, 5, 1);
  private static final Figures FIGURES = Figures.standard();
  private static final RootSpeed KIND = RootSpeed.ofKind(17, FIGURES);

  private static RootLook measured(int day, double mm) {
    return new RootLook(DAY.plusDays(day), RootStage.ofLength(mm, FIGURES), OptionalDouble.of(mm));
  }

  private static RootLook seen(int day, RootStage stage) {
    return new RootLook(DAY.plusDays(day), stage, OptionalDouble.empty());
  }

  private static RootForecast forecast(RootLook... looks) {
    return RootForecast.of(List.of(looks), KIND, GrowthPace.full(), FIGURES).orElseThrow();
  }

  @Test
  void oneMeasurementGivesTheSpeedOfTheKind() {
    var forecast = forecast(measured(0, 8));
    assertThat(forecast.speed().mmAWeek()).isCloseTo(17, within(1e-9));
    assertThat(forecast.speed().spread()).isEqualTo(0.3);
    assertThat(forecast.measurements()).isOne();
  }

  @Test
  void twoLengthsFiveDaysApartSayLittleAndFourOverAMonthNearlyAll() {
    double little = forecast(measured(0, 8), measured(5, 12)).speed().mmAWeek();
    assertThat(little).isBetween(9.0, 15.0);
    var much =
        forecast(measured(0, 8), measured(10, 16), measured(20, 24), measured(30, 32)).speed();
    assertThat(much.mmAWeek()).isBetween(5.5, 7.0);
    assertThat(much.spread()).isLessThan(0.12);
  }

  @Test
  void anAbsurdLengthAmongFiveIsLeftOutAndSaidSo() {
    var straight =
        forecast(
            measured(0, 10), measured(7, 26), measured(14, 42), measured(21, 58), measured(28, 74));
    for (int slip : new int[] {0, 1, 2, 3, 4}) {
      var looks =
          Arrays.asList(
              measured(0, 10),
              measured(7, 26),
              measured(14, 42),
              measured(21, 58),
              measured(28, 74));
      looks.set(slip, measured(7 * slip, 300));
      var slipped = forecast(looks.toArray(RootLook[]::new));
      assertThat(slipped.speed().mmAWeek())
          .as("slip of number %d", slip)
          .isCloseTo(straight.speed().mmAWeek(), within(1.5));
      if (slip == 4) {
        assertThat(slipped.slippedOn()).contains(DAY.plusDays(28));
        assertThat(slipped.lengthOn(DAY.plusDays(28))).isBetween(65.0, 85.0);
      }
    }
  }

  @Test
  void aShorterLengthThatIsTakenBackWasASlip() {
    var looks =
        new RootLook[] {measured(0, 20), measured(7, 40), measured(14, 5), measured(21, 75)};
    assertThat(forecast(looks).measurements()).isEqualTo(3);
  }

  @Test
  void aShorterRootBelongsToTheNextFlushAndTheFormerSharpensIt() {
    var before = new RootLook[] {measured(0, 8), measured(14, 18), measured(28, 28)};
    var next =
        forecast(before[0], before[1], before[2], seen(60, RootStage.ANCHORED), measured(300, 5));
    assertThat(next.measurements()).isOne();
    assertThat(next.speed().mmAWeek()).as("5 mm a week the year before").isBetween(5.5, 9.0);
    assertThat(next.speed().spread()).isLessThan(0.3);
  }

  @Test
  void lengthsThatFallAndRiseAndStandOnOneDayAreEndured() {
    var forecast =
        forecast(
            measured(0, 30), measured(0, 31), measured(3, 28), measured(6, 36), measured(6, 34));
    assertThat(forecast.measurements()).isEqualTo(5);
    assertThat(forecast.unsafeUntil(FIGURES).likely()).isAfter(DAY.plusDays(6));
  }

  @Test
  void aTipThatStandsStillStillHasADate() {
    var forecast = forecast(measured(0, 8), measured(30, 8), measured(60, 8));
    assertThat(forecast.speed().mmAWeek()).isBetween(0.1, 4.0);
    assertThat(forecast.unsafeUntil(FIGURES).likely()).isAfter(DAY.plusMonths(8));
  }

  @Test
  void aStageSeenByEyeStandsWhateverTheForecastSays() {
    var forecast = forecast(measured(0, 8), seen(28, RootStage.SHORT));
    assertThat(forecast.stageOn(DAY.plusDays(28), FIGURES)).isEqualTo(RootStage.SHORT);
    assertThat(forecast.speed().mmAWeek()).as("slower than its kind").isLessThan(17);
  }

  @Test
  void itSaysInASentenceWhatItRestsOn() {
    assertThat(forecast(measured(0, 8)).restsOn(DAY, FIGURES))
        .hasToString(
            "By the speed of its kind: 17 mm a week in warm and light weeks. Nine in ten fall into"
                + " the shaded range.");
    var slipped =
        forecast(
            measured(0, 10),
            measured(7, 26),
            measured(14, 300),
            measured(21, 58),
            measured(28, 74));
    assertThat(slipped.restsOn(DAY, FIGURES).toString())
        .startsWith("By 4 measurements, weighed against the speed of its kind: 1")
        .contains("; the length of 2027-05-15 does not fit the others and is left out.");
  }

  @Test
  void bumpsBecomeNubsInAboutTenDays() {
    var forecast = forecast(seen(0, RootStage.SWELLING));
    assertThat(forecast.stageOn(DAY.plusDays(9), FIGURES)).isEqualTo(RootStage.SWELLING);
    assertThat(forecast.stageOn(DAY.plusDays(11), FIGURES)).isEqualTo(RootStage.NUB);
    assertThat(forecast.passes(0, FIGURES).likely()).isBetween(DAY.plusDays(10), DAY.plusDays(12));
    assertThat(forecast.passes(0, FIGURES).latest()).isAfter(DAY.plusDays(14));
  }

  @Test
  void enoughPlantsOfTheCollectorMoveTheSpeedOfTheKind() {
    var slow = new RootSpeed(Math.log(10), 0.1);
    assertThat(KIND.shiftedBy(List.of(slow, slow), FIGURES)).isEqualTo(KIND);
    double three = KIND.shiftedBy(Collections.nCopies(3, slow), FIGURES).mmAWeek();
    double thirty = KIND.shiftedBy(Collections.nCopies(30, slow), FIGURES).mmAWeek();
    assertThat(three).isBetween(thirty, 17.0);
    assertThat(thirty).isBetween(10.0, 11.0);
  }

  @Test
  void theRangeOfALengthWidensWithTheWeeksAndHoldsTheLikelyOne() {
    var forecast = forecast(measured(0, 10), measured(10, 30));
    double before = 0;
    for (int day = 10; day < 80; day += 10) {
      var span = forecast.spanOn(DAY.plusDays(day), FIGURES);
      assertThat(span.likely()).isBetween(span.least(), span.most());
      assertThat(span.most() - span.least()).isGreaterThan(before);
      before = span.most() - span.least();
    }
  }
}
