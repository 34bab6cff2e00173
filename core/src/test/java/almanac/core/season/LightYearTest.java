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
}
