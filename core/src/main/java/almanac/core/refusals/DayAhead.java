package almanac.core.refusals;

import java.time.LocalDate;

/** Days that may be asked about ahead. */
public final class DayAhead {
  /** Nothing that is foretold of a plant holds for longer. */
  private static final int YEARS = 5;

  private DayAhead() {}

  /**
   * The day itself, if it may be asked about.
   *
   * @throws Refused naming the day, if it lies more than five years after today
   */
  public static LocalDate check(LocalDate day, LocalDate today) {
    if (day.isAfter(today.plusYears(YEARS))) {
      throw new Refused(Entered.ON, "Ask at most %d years ahead.".formatted(YEARS));
    }
    return day;
  }
}
