package almanac.core.checks;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * The days on which a check is worth making.
 *
 * @param early the first
 * @param best the best
 * @param late the last
 */
public record Window(LocalDate early, LocalDate best, LocalDate late) {
  public Window {
    if (best.isBefore(early) || late.isBefore(best)) {
      throw new IllegalArgumentException(
          "%s, %s, %s are not in order".formatted(early, best, late));
    }
  }

  /** A window about a day; its ends may lie a share of the distance from today to either side. */
  public static Window about(LocalDate best, LocalDate today, double share) {
    long slack = Math.round(Math.max(0, ChronoUnit.DAYS.between(today, best)) * share);
    return new Window(best.minusDays(slack), best, best.plusDays(Math.max(1, slack)));
  }

  /** A window about a day, with so many days to either side. */
  public static Window around(LocalDate best, int slack) {
    return new Window(best.minusDays(slack), best, best.plusDays(slack));
  }

  /** A window from one day to another, its middle the best. */
  public static Window between(LocalDate early, LocalDate late) {
    return new Window(early, early.plusDays(ChronoUnit.DAYS.between(early, late) / 2), late);
  }

  /** This window, with nothing of it before the day. */
  public Window notBefore(LocalDate day) {
    return new Window(later(early, day), later(best, day), later(late, day));
  }

  private static LocalDate later(LocalDate a, LocalDate b) {
    return a.isAfter(b) ? a : b;
  }
}
