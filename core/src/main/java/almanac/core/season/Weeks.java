package almanac.core.season;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.stream.IntStream;

/** Weeks of a calendar year, each by its Monday. */
public final class Weeks {
  /** So many weeks touch any year. */
  private static final int OF_A_YEAR = 53;

  private static final int TO_THE_MIDDLE = 3;

  private Weeks() {}

  /** The Monday of the week in which a day lies. */
  public static LocalDate monday(LocalDate day) {
    return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
  }

  /** The Mondays of the year of a day, from the week of 1 January on. */
  public static List<LocalDate> ofTheYear(LocalDate day) {
    var first = monday(day.withDayOfYear(1));
    return IntStream.range(0, OF_A_YEAR).mapToObj(first::plusWeeks).toList();
  }

  /** The day by which a week is drawn. */
  public static LocalDate middle(LocalDate monday) {
    return monday.plusDays(TO_THE_MIDDLE);
  }
}
