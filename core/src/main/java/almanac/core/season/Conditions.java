package almanac.core.season;

import almanac.core.figures.Figures;
import almanac.core.kinds.Warmth;
import almanac.core.medium.Temperatures;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Light and warmth where a plant stands.
 *
 * @param light day lengths of the site
 * @param lampHours hours a day that lamps are on; absent where the sun alone gives light
 * @param means place means by month; absent where nobody has measured
 */
public record Conditions(LightYear light, OptionalDouble lampHours, Optional<Temperatures> means) {

  /** Hours of useful light on a day: of the sun or of the lamps, whichever lasts longer. */
  public double hoursOn(LocalDate day) {
    return Math.max(light.hoursOn(day), lampHours.orElse(0));
  }

  /**
   * What a moved plant would lack on that day; nothing if light and warmth carry growth. Where
   * nobody has measured, the warmth is not doubted.
   */
  public Optional<Lack> lacks(LocalDate day, Warmth wanted, Figures figures) {
    if (means.isPresent()) {
      double mean = means.get().in(day.getMonth());
      if (mean < wanted.nightLeast()) {
        return Optional.of(Lack.COLD);
      }
      if (mean > wanted.dayMost()) {
        return Optional.of(Lack.HEAT);
      }
    }
    return hoursOn(day) < figures.of(SeasonFigures.LEAST_LIGHT)
        ? Optional.of(Lack.LIGHT)
        : Optional.empty();
  }

  /** The first day of the coming year, from the given one on, on which nothing is lacking. */
  public Optional<LocalDate> carryGrowthFrom(LocalDate day, Warmth wanted, Figures figures) {
    for (int days = 0; days <= 366; days++) {
      var later = day.plusDays(days);
      if (lacks(later, wanted, figures).isEmpty()) {
        return Optional.of(later);
      }
    }
    return Optional.empty();
  }
}
