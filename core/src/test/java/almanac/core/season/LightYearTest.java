package almanac.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import almanac.core.refusals.Refused;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LightYearTest {

  @ParameterizedTest(name = "{0}° on {1}: {2} h")
  @CsvSource({
    "56, 2027-06-21, 17.6",
    "56, 2027-12-21, 7.0",
    "56, 2027-03-20, 12.2",
    "0, 2027-06-21, 12.1",
    "-34, 2027-12-21, 14.4",
    "-34, 2027-06-21, 9.9",
    "70, 2027-06-21, 24",
    "70, 2027-12-21, 0",
    "90, 2027-07-01, 24",
    "-90, 2027-07-01, 0"
  })
  void dayLengthFollowsLatitudeAndDate(double latitude, LocalDate day, double hours) {
    assertThat(LightYear.at(latitude).hoursOn(day)).isCloseTo(hours, within(0.15));
  }

  @Test
  void towardsTheWhiteNightsTheDaysGrowWithoutAGap() {
    var light = LightYear.at(66);
    for (var day = LocalDate.of(2027, 4, 1);
        day.isBefore(LocalDate.of(2027, 6, 20));
        day = day.plusDays(1)) {
      assertThat(light.hoursOn(day.plusDays(1)))
          .as("%s", day)
          .isGreaterThanOrEqualTo(light.hoursOn(day) - 0.01);
    }
  }

  @Test
  void aLatitudeOffTheGlobeIsRefused() {
    for (double latitude : new double[] {91, -90.5, Double.NaN}) {
      assertThatThrownBy(() -> LightYear.at(latitude)).isInstanceOf(Refused.class);
    }
  }

  @ParameterizedTest
  @CsvSource({"90, true", "-90, true", "90.1, false", "-90.1, false"})
  void thePolesAreTheLastLatitudes(double latitude, boolean taken) {
    if (taken) {
      assertThat(LightYear.at(latitude).latitude()).isEqualTo(latitude);
    } else {
      assertThatThrownBy(() -> LightYear.at(latitude)).isInstanceOf(Refused.class);
    }
  }

  @Test
  void theEquatorCountsAsNorth() {
    assertThat(LightYear.at(0).northern()).isTrue();
    assertThat(LightYear.at(-0.1).northern()).isFalse();
  }

  /** Day by day a year with a leap day is as light as one without; only that day is more. */
  @Test
  void aLeapDayMovesNothing() {
    var light = LightYear.at(56);
    assertThat(light.hoursOn(LocalDate.of(2027, 2, 28)))
        .isEqualTo(light.hoursOn(LocalDate.of(2028, 2, 28)));
    for (int month = 3; month <= 12; month++) {
      var day = LocalDate.of(2027, month, 1);
      assertThat(light.hoursOn(day)).isEqualTo(light.hoursOn(day.withYear(2028)));
    }
    var leap = light.hoursOn(LocalDate.of(2028, 2, 29));
    assertThat(leap)
        .isBetween(
            light.hoursOn(LocalDate.of(2028, 2, 28)), light.hoursOn(LocalDate.of(2028, 3, 1)));
    for (int ofYear = 1; ofYear <= 365; ofYear++) {
      assertThat(light.hoursIn(ofYear - 1))
          .isEqualTo(light.hoursOn(LocalDate.ofYearDay(2027, ofYear)));
    }
  }
}
