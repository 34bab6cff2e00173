package almanac.core.medium;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.Month;
import java.util.EnumMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TemperaturesTest {
  /** January is 1 °C, February 2 °C and so on to December, 12 °C. */
  private static Temperatures rising() {
    var means = new EnumMap<Month, Double>(Month.class);
    for (var month : Month.values()) {
      means.put(month, (double) month.getValue());
    }
    return Temperatures.of(means);
  }

  @ParameterizedTest
  @CsvSource({
    "2027-01-16, 1",
    "2027-01-31, 1.5",
    "2027-02-15, 2",
    "2027-04-16, 4",
    "2027-05-01, 4.5",
    "2028-02-29, 2.483",
    "2028-03-01, 2.483",
    "2027-12-16, 12",
    "2027-01-01, 6.323"
  })
  void betweenTheMiddlesOfTwoMonthsItGoesStraight(LocalDate day, double degrees) {
    assertThat(rising().on(day)).isCloseTo(degrees, within(0.001));
  }

  @Test
  void whatIsSteadyIsSteadyOnEveryDay() {
    var steady = Temperatures.steady(17);
    for (int day = 1; day <= 365; day++) {
      assertThat(steady.on(LocalDate.ofYearDay(2027, day))).isEqualTo(17);
    }
  }
}
