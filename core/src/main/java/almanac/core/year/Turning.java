package almanac.core.year;

import almanac.core.figures.Figures;
import almanac.core.judgement.verdict.Timing;
import java.time.LocalDate;
import java.util.Optional;

/**
 * A window that opens or closes within the week. Rules: The year.
 *
 * @param on the day of it, from today
 */
public record Turning(Turn turn, LocalDate on) {
  /** What a window does. */
  public enum Turn {
    OPENS,
    CLOSES
  }

  /** What happens to the window of a verdict this week, if anything does. */
  public static Optional<Turning> within(Timing timing, LocalDate today, Figures figures) {
    var end = today.plusDays(figures.count(YearFigures.THIS_WEEK));
    if (timing instanceof Timing.Waits waits) {
      var opens = waits.awaited().earliest();
      return opens.isAfter(today) && !opens.isAfter(end)
          ? Optional.of(new Turning(Turn.OPENS, opens))
          : Optional.empty();
    }
    return timing
        .lastDay()
        .filter(day -> !day.isBefore(today) && !day.isAfter(end))
        .map(day -> new Turning(Turn.CLOSES, day));
  }
}
