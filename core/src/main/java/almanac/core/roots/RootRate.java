package almanac.core.roots;

import almanac.core.figures.Figures;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/**
 * How fast roots lengthen. Rules: Root stages.
 *
 * @param mmAWeek the likely speed, mm a week, above 0
 * @param spread how much faster or slower it may be, as a share of the speed
 * @param measurements how many measurements of its own it rests on; 0 for the speed of the kind
 */
public record RootRate(double mmAWeek, double spread, int measurements) {
  private static final double DAYS_A_WEEK = 7;

  /** The factor that makes the median deviation of a bell curve its standard deviation. */
  private static final double DEVIATION_OF_MEDIAN = 1.4826;

  /** The speed of the kind. */
  public static RootRate ofItsKind(double mmAWeek, Figures figures) {
    return new RootRate(mmAWeek, figures.of(RootFigures.SPEED_SPREAD) / 100, 0);
  }

  /**
   * The plant's own speed as far as it has been measured: the median of the slopes between all
   * pairs of measurements of the present flush, which a single slip of the ruler does not move;
   * else the speed of the kind.
   *
   * @param looks at one lead, oldest first
   * @param kind the speed of the kind, mm a week
   */
  public static RootRate of(List<RootLook> looks, double kind, Figures figures) {
    var flush = Flush.of(looks, figures);
    var slopes = slopes(flush);
    if (slopes.isEmpty() || days(flush) < figures.of(RootFigures.OWN_RATE_DAYS)) {
      return ofItsKind(kind, figures);
    }
    double speed = Math.max(figures.of(RootFigures.SLOWEST), median(slopes));
    double byRuler =
        figures.of(RootFigures.RULER_ERROR) * Math.sqrt(2) / (days(flush) / DAYS_A_WEEK);
    double byScatter =
        DEVIATION_OF_MEDIAN
            * median(slopes.stream().map(slope -> Math.abs(slope - speed)).toList())
            / Math.sqrt(flush.size());
    double spread = Math.hypot(byRuler, byScatter) / speed;
    return new RootRate(speed, within(spread, figures), flush.size());
  }

  private static double within(double spread, Figures figures) {
    double least = figures.of(RootFigures.LEAST_SPREAD) / 100;
    double most = figures.of(RootFigures.MOST_SPREAD) / 100;
    return Math.max(least, Math.min(most, spread));
  }

  private static double days(List<RootLook> flush) {
    return flush.isEmpty()
        ? 0
        : ChronoUnit.DAYS.between(flush.get(0).on(), flush.get(flush.size() - 1).on());
  }

  /** Between every two measurements of different days, mm a week. */
  private static List<Double> slopes(List<RootLook> flush) {
    var slopes = new ArrayList<Double>();
    for (int i = 0; i < flush.size(); i++) {
      for (int j = i + 1; j < flush.size(); j++) {
        long days = ChronoUnit.DAYS.between(flush.get(i).on(), flush.get(j).on());
        if (days > 0) {
          double grown =
              flush.get(j).longestMm().orElseThrow() - flush.get(i).longestMm().orElseThrow();
          slopes.add(grown / days * DAYS_A_WEEK);
        }
      }
    }
    return slopes;
  }

  private static double median(List<Double> values) {
    var sorted = values.stream().sorted().toList();
    int middle = sorted.size() / 2;
    return sorted.size() % 2 == 1
        ? sorted.get(middle)
        : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
  }
}
