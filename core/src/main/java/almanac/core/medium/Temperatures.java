package almanac.core.medium;

import almanac.core.refusals.Entered;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.time.Month;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Mean temperature by month, °C. */
public final class Temperatures {
  private static final double COLDEST = -10;
  private static final double WARMEST = 50;

  private final Map<Month, Double> means;

  private Temperatures(Map<Month, Double> means) {
    this.means = new EnumMap<>(means);
  }

  /** The same all the year round. */
  public static Temperatures steady(double degrees) {
    var means = new EnumMap<Month, Double>(Month.class);
    for (var month : Month.values()) {
      means.put(month, degrees);
    }
    return of(means);
  }

  /**
   * A year between its winter and its summer, to half a degree.
   *
   * @param january the mean of January, °C
   * @param july the mean of July, °C
   * @throws Refused naming the means, if a month would be out of range
   */
  public static Temperatures between(double january, double july) {
    var means = new EnumMap<Month, Double>(Month.class);
    for (var month : Month.values()) {
      double share = 0.5 - 0.5 * Math.cos(Math.PI * month.ordinal() / 6);
      means.put(month, Math.rint(2 * (january + (july - january) * share)) / 2);
    }
    return of(means);
  }

  /**
   * @param means °C for each of the twelve months, −10 to 50
   * @throws Refused naming the means, if one is missing or out of range
   */
  public static Temperatures of(Map<Month, Double> means) {
    for (var month : Month.values()) {
      var mean = means.get(month);
      if (mean == null || !(mean >= COLDEST && mean <= WARMEST)) {
        throw new Refused(Entered.MEANS, "A monthly mean lies between −10 and 50 °C.");
      }
    }
    return new Temperatures(means);
  }

  /** The means from January to December, °C. */
  public List<Double> byMonth() {
    return List.copyOf(means.values());
  }

  /** The mean about a day, °C: that of a month in its middle, straight between two middles. */
  public double on(LocalDate day) {
    var month = day.getMonth();
    boolean past = day.getDayOfMonth() >= middle(month);
    var from = past ? month : month.minus(1);
    var to = from.plus(1);
    int fromItsEnd = from.length(false) - middle(from);
    double since = past ? day.getDayOfMonth() - middle(from) : fromItsEnd + day.getDayOfMonth();
    return in(from) + since / (fromItsEnd + middle(to)) * (in(to) - in(from));
  }

  private static int middle(Month month) {
    return month.length(false) / 2 + 1;
  }

  /** The mean of a month, °C. */
  public double in(Month month) {
    return means.getOrDefault(month, Double.NaN);
  }
}
