package almanac.core.refusals;

import java.time.LocalDate;

/** Days on which something can have happened. */
public final class PastDay {
  /** No plant in a collection has an older record. */
  private static final LocalDate EARLIEST = LocalDate.of(1900, 1, 1);

  private PastDay() {}

  /**
   * The day itself, if something can have happened on it.
   *
   * @param field the entry at fault
   * @throws Refused if it lies after today or before 1900
   */
  public static LocalDate check(Field field, LocalDate day, LocalDate today) {
    if (day.isAfter(today)) {
      throw new Refused(field, "%s lies in the future; today is %s.".formatted(day, today));
    }
    if (day.isBefore(EARLIEST)) {
      throw new Refused(field, "%s lies too far back.".formatted(day));
    }
    return day;
  }
}
