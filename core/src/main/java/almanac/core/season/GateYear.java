package almanac.core.season;

import java.time.LocalDate;
import java.time.Year;
import java.util.Optional;
import java.util.function.Predicate;

/** On which days of a year something holds, and when it next does. Immutable. */
final class GateYear {
  private static final int DAYS = 365;
  private static final int LAST_OF_FEBRUARY = 59;
  private static final int ANY_YEAR = 2027;

  private final boolean[] holds = new boolean[DAYS];

  /** By the day of the year: in how many days it next holds, and next does not; −1 if never. */
  private final int[] untilHolds = new int[DAYS];

  private final int[] untilNot = new int[DAYS];

  /**
   * @param each what holds on a day; the same in every year
   */
  GateYear(Predicate<LocalDate> each) {
    for (int day = 0; day < DAYS; day++) {
      holds[day] = each.test(LocalDate.ofYearDay(ANY_YEAR, day + 1));
    }
    next(untilHolds, true);
    next(untilNot, false);
  }

  private void next(int[] until, boolean wanted) {
    int next = -1;
    for (int day = 2 * DAYS - 1; day >= 0; day--) {
      if (holds[day % DAYS] == wanted) {
        next = day;
      }
      if (day < DAYS) {
        until[day] = next < 0 || next >= day + DAYS ? -1 : next - day;
      }
    }
  }

  boolean on(LocalDate day) {
    return holds[place(day)];
  }

  /** The first day from a given one on, on which it holds; nothing if it never does. */
  Optional<LocalDate> from(LocalDate day) {
    return after(day, untilHolds[place(day)]);
  }

  /** The first day from a given one on, on which it does not; nothing if it always does. */
  Optional<LocalDate> notFrom(LocalDate day) {
    return after(day, untilNot[place(day)]);
  }

  private static Optional<LocalDate> after(LocalDate day, int days) {
    if (days < 0) {
      return Optional.empty();
    }
    var then = day.plusDays(days);
    boolean leapDayBetween = place(then) != (place(day) + days) % DAYS;
    return Optional.of(leapDayBetween ? then.plusDays(1) : then);
  }

  private static int place(LocalDate day) {
    int ofYear = day.getDayOfYear() - 1;
    return Year.isLeap(day.getYear()) && ofYear >= LAST_OF_FEBRUARY ? ofYear - 1 : ofYear;
  }
}
