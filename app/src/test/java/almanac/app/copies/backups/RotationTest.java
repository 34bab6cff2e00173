package almanac.app.copies.backups;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.util.HashSet;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** Which backups are kept, day after day. */
class RotationTest {
  @Test
  void afterTwoYearsOfDaysThereAreThoseOfAWeekOfFiveWeeksAndOfTwelveMonths() {
    Set<LocalDateTime> kept = new HashSet<>();
    var today = LocalDate.of(2027, 5, 15);
    for (int day = 730; day >= 0; day--) {
      kept.add(today.minusDays(day).atTime(9, 0));
      kept = new HashSet<>(Rotation.kept(kept, today.minusDays(day)));
    }
    var days = new TreeSet<LocalDate>();
    kept.forEach(at -> days.add(at.toLocalDate()));
    for (int day = 0; day < 7; day++) {
      assertThat(days).contains(today.minusDays(day));
    }
    // Sundays: the last of each of the four full weeks before this one.
    assertThat(days)
        .contains(
            LocalDate.of(2027, 5, 9),
            LocalDate.of(2027, 5, 2),
            LocalDate.of(2027, 4, 25),
            LocalDate.of(2027, 4, 18));
    for (int month = 1; month < 12; month++) {
      assertThat(days).contains(YearMonth.of(2027, 5).minusMonths(month).atEndOfMonth());
    }
    assertThat(kept).hasSize(7 + 3 + 11);
  }

  @Test
  void nothingOfTheLastWeekGoesAndTheNewestNever() {
    var random = new Random(3);
    int gaps = 0;
    for (int i = 0; i < 200; i++) {
      var all = new TreeSet<LocalDateTime>();
      var today = LocalDate.of(2027, 1, 1).plusDays(random.nextInt(400));
      for (int n = 0; n < 1 + random.nextInt(30); n++) {
        all.add(today.minusDays(random.nextInt(500)).atTime(random.nextInt(24), n));
      }
      var kept = Rotation.kept(all, today);
      assertThat(kept).contains(all.last());
      var recent = all.stream().filter(at -> at.toLocalDate().isAfter(today.minusDays(7))).toList();
      assertThat(kept).containsAll(recent);
      if (recent.isEmpty()) {
        gaps++;
      }
    }
    assertThat(gaps).as("collections that nobody opened for a week").isGreaterThan(20);
  }
}
