package almanac.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;

/** Weeks of a year, by their Mondays. */
class WeeksTest {
  @Test
  void everyDayOfAnyYearLiesInOneOfItsWeeks() {
    int whole = 0;
    for (int year = 2020; year <= 2048; year++) {
      var first = LocalDate.of(year, 1, 1);
      var weeks = Weeks.ofTheYear(first.plusDays(100));
      assertThat(weeks).allMatch(day -> day.getDayOfWeek() == DayOfWeek.MONDAY);
      assertThat(weeks).contains(Weeks.monday(first));
      var last = Weeks.monday(first.plusDays(363));
      assertThat(weeks).contains(last);
      whole += weeks.contains(Weeks.monday(LocalDate.of(year, 12, 31))) ? 1 : 0;
    }
    assertThat(whole).as("years that 53 weeks cover").isGreaterThan(20);
  }

  @Test
  void aMondayIsOfItsOwnWeekAndASundayOfTheOneBefore() {
    var monday = LocalDate.of(2027, 5, 17);
    assertThat(Weeks.monday(monday)).isEqualTo(monday);
    assertThat(Weeks.monday(monday.minusDays(1))).isEqualTo(monday.minusDays(7));
    assertThat(Weeks.middle(monday).getDayOfWeek()).isEqualTo(DayOfWeek.THURSDAY);
  }
}
