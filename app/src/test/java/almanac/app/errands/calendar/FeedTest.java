package almanac.app.errands.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.errands.calendar.Published.Said;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;

class FeedTest {
  private static final LocalDate LEAP_DAY = LocalDate.of(2028, 2, 29);

  private static String written(boolean toDo, LocalDate until) {
    var entry =
        new CalendarEntry("look-1@mellow-almanac", toDo, LEAP_DAY, until, "Weir: Look again", "");
    return CalendarFeed.of(
            List.of(new Said(entry, 0, Instant.EPOCH, false)), ZoneId.of("Pacific/Auckland"))
        .replace("\r\n ", "");
  }

  @Test
  void whatIsDueOnItsFirstDaySaysThatDayOnce() {
    assertThat(written(true, LEAP_DAY))
        .contains("DUE;VALUE=DATE:20280229")
        .doesNotContain("DTSTART");
  }

  @Test
  void whatHasSomeDaysStartsOnTheFirstAndIsDueOnTheLast() {
    assertThat(written(true, LEAP_DAY.plusDays(1)))
        .contains("DTSTART;VALUE=DATE:20280229")
        .contains("DUE;VALUE=DATE:20280301");
  }

  @Test
  void anEventOfOneDayEndsOnTheNextAsTheRuleHasIt() {
    assertThat(written(false, LEAP_DAY))
        .contains("DTSTART;VALUE=DATE:20280229")
        .contains("DTEND;VALUE=DATE:20280301");
  }
}
