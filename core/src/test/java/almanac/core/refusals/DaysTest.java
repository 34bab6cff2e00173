package almanac.core.refusals;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

/** Days on which something can have happened, and days that may be asked about. */
class DaysTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 15);
  private static final LocalDate FIRST = LocalDate.of(1900, 1, 1);

  @Test
  void whatHappenedHappenedByTodayAndNotBeforeAnybodyKeptPlants() {
    for (var day : new LocalDate[] {FIRST, TODAY.minusDays(1), TODAY}) {
      assertThat(PastDay.check(Entered.ON, day, TODAY)).isEqualTo(day);
    }
    assertThatThrownBy(() -> PastDay.check(Entered.ARRIVED_ON, TODAY.plusDays(1), TODAY))
        .hasMessage("2027-05-16 lies in the future; today is 2027-05-15.")
        .isInstanceOfSatisfying(
            Refused.class, bad -> assertThat(bad.field()).isEqualTo(Entered.ARRIVED_ON));
    assertThatThrownBy(() -> PastDay.check(Entered.ON, FIRST.minusDays(1), TODAY))
        .hasMessage("1899-12-31 lies too far back.");
  }

  @Test
  void nobodyForetellsMoreThanFiveYears() {
    for (var day : new LocalDate[] {FIRST, TODAY, TODAY.plusYears(5)}) {
      assertThat(DayAhead.check(day, TODAY)).isEqualTo(day);
    }
    assertThatThrownBy(() -> DayAhead.check(TODAY.plusYears(5).plusDays(1), TODAY))
        .hasMessage("Ask at most 5 years ahead.");
  }
}
