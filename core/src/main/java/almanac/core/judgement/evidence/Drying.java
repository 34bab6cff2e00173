package almanac.core.judgement.evidence;

import almanac.core.figures.Figures;
import almanac.core.medium.MediumFigures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/**
 * How long it takes to dry now, and took before in the same season. One reading is weather; it
 * takes two on each side, some days apart. Rules: Needs.
 *
 * @param now days
 * @param before days
 */
public record Drying(double now, double before) {
  private static final int DAYS_A_YEAR = 365;

  /** Days from watering to dry, read on a day. */
  record Reading(LocalDate on, double days) {}

  /** How many times as long it takes. */
  public double ratio() {
    return now / before;
  }

  /**
   * @param readings of one potting, oldest first
   */
  static Optional<Drying> of(List<Reading> readings, Figures figures) {
    if (readings.isEmpty()) {
      return Optional.empty();
    }
    var last = readings.get(readings.size() - 1).on();
    var begins = last.minusDays(figures.count(MediumFigures.DRY_TOGETHER));
    var now = readings.stream().filter(each -> !each.on().isBefore(begins)).toList();
    var before =
        readings.stream()
            .filter(each -> each.on().isBefore(begins))
            .filter(each -> sameSeason(each.on(), last, figures))
            .toList();
    return enough(now, figures) && enough(before, figures)
        ? Optional.of(new Drying(mean(now), mean(before)))
        : Optional.empty();
  }

  private static boolean sameSeason(LocalDate one, LocalDate other, Figures figures) {
    long apart = ChronoUnit.DAYS.between(one, other) % DAYS_A_YEAR;
    return Math.min(apart, DAYS_A_YEAR - apart) <= figures.count(MediumFigures.DRY_SEASON);
  }

  private static boolean enough(List<Reading> readings, Figures figures) {
    return readings.size() > 1
        && ChronoUnit.DAYS.between(readings.get(0).on(), readings.get(readings.size() - 1).on())
            >= figures.of(MediumFigures.DRY_APART);
  }

  private static double mean(List<Reading> readings) {
    return readings.stream().mapToDouble(Reading::days).average().orElseThrow();
  }
}
