package almanac.core.medium;

import java.time.Month;
import java.util.EnumMap;
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
   * @param means °C for each of the twelve months, −10 to 50
   * @throws IllegalArgumentException if a month is missing or a value is out of range
   */
  public static Temperatures of(Map<Month, Double> means) {
    for (var month : Month.values()) {
      var mean = means.get(month);
      if (mean == null || !(mean >= COLDEST && mean <= WARMEST)) {
        throw new IllegalArgumentException(month + " needs a mean from −10 to 50 °C: " + mean);
      }
    }
    return new Temperatures(means);
  }

  /** The mean of a month, °C. */
  public double in(Month month) {
    return means.getOrDefault(month, Double.NaN);
  }
}
