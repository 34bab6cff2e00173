package almanac.core.roots;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.LongStream;

/** The forecast of a newest root from its last look on, as it is drawn. */
public final class ForecastCourse {
  /** It is drawn for a fortnight and for half a year from today, as long as it takes. */
  private static final int AT_LEAST_DAYS = 14;

  private static final int AT_MOST_DAYS = 182;

  /** So far it goes on beyond the day on which roots are safe again. */
  private static final int BEYOND_DAYS = 4;

  private static final int STEPS = 24;

  private ForecastCourse() {}

  /** How long it may be on one day. */
  public record Point(LocalDate on, RootForecast.Span span) {}

  /**
   * In even steps, the first on the day of the look.
   *
   * @param safeAgain from which length on its roots take a move, mm
   */
  public static List<Point> of(
      RootForecast forecast, double safeAgain, LocalDate today, Figures figures) {
    var from = forecast.look().on();
    var soonest = today.plusDays(AT_LEAST_DAYS);
    var furthest = today.plusDays(AT_MOST_DAYS);
    var end = forecast.passes(safeAgain, figures).latest().plusDays(BEYOND_DAYS);
    end = end.isBefore(soonest) ? soonest : end.isAfter(furthest) ? furthest : end;
    long days = ChronoUnit.DAYS.between(from, end);
    return LongStream.rangeClosed(0, STEPS)
        .mapToObj(step -> from.plusDays(days * step / STEPS))
        .map(day -> new Point(day, forecast.spanOn(day, figures)))
        .toList();
  }
}
