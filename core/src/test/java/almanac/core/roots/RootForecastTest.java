package almanac.core.roots;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.season.GrowthPace;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RootForecastTest {
  private static final LocalDate DAY = LocalDate.of(2027, 5, 15);
  private static final Figures FIGURES = Figures.standard();

  private static RootSpeed kind(double mmAWeek) {
    return RootSpeed.ofKind(mmAWeek, FIGURES);
  }

  private static RootForecast of(RootStage stage, OptionalDouble mm, double speed) {
    return RootForecast.of(
            List.of(new RootLook(DAY, stage, mm)), kind(speed), GrowthPace.full(), FIGURES)
        .orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({
    "0.5, NUB",
    "20, NUB",
    "20.4, NUB",
    "20.6, SHORT",
    "49.4, SHORT",
    "49.6, MID",
    "50, MID",
    "99, MID",
    "100, LONG",
    "400, LONG"
  })
  void aLengthHasAStage(double mm, RootStage stage) {
    assertThat(RootStage.ofLength(mm, FIGURES)).isEqualTo(stage);
  }

  @Test
  void fromNubToAHundredMillimetresTakesFiveToSixWeeks() {
    var forecast = of(RootStage.NUB, OptionalDouble.of(6), 17);
    assertThat(forecast.nubUntil(FIGURES).likely()).isEqualTo(DAY.plusDays(7));
    assertThat(forecast.unsafeUntil(FIGURES).likely())
        .isBetween(DAY.plusWeeks(5), DAY.plusWeeks(6));
  }

  @Test
  void aForecastIsARange() {
    var passing = of(RootStage.NUB, OptionalDouble.of(6), 17).unsafeUntil(FIGURES);
    assertThat(passing.earliest()).isBefore(passing.likely());
    assertThat(passing.latest()).isAfter(passing.likely());
  }

  @Test
  void aMeasuredRootNeverMovesTheForecastBackwards() {
    for (double mm = 1; mm < 120; mm += 1) {
      var shorter = of(RootStage.NUB, OptionalDouble.of(mm), 4);
      var longer = of(RootStage.NUB, OptionalDouble.of(mm + 1), 4);
      assertThat(longer.unsafeUntil(FIGURES).likely())
          .isBeforeOrEqualTo(shorter.unsafeUntil(FIGURES).likely());
      assertThat(shorter.lengthOn(DAY.minusDays(30))).isEqualTo(mm);
    }
  }

  @Test
  void aStageWithoutALengthStandsInTheMiddle() {
    assertThat(of(RootStage.SHORT, OptionalDouble.empty(), 17).lengthOn(DAY)).isEqualTo(35);
    assertThat(of(RootStage.SHORT, OptionalDouble.empty(), 17).stageOn(DAY.plusWeeks(4), FIGURES))
        .isEqualTo(RootStage.LONG);
  }

  @Test
  void rootsWithoutAVisibleTipHaveNoForecast() {
    for (var stage : new RootStage[] {RootStage.NONE, RootStage.ANCHORED}) {
      var look = new RootLook(DAY, stage, OptionalDouble.empty());
      assertThat(RootForecast.of(List.of(look), kind(17), GrowthPace.full(), FIGURES)).isEmpty();
    }
  }
}
