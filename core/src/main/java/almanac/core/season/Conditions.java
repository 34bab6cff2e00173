package almanac.core.season;

import almanac.core.figures.Figures;
import almanac.core.medium.Temperatures;
import java.time.LocalDate;
import java.util.Optional;

/**
 * Light and warmth where a plant stands.
 *
 * @param light day lengths of the site
 * @param controlled under lights and heating, so that every month carries growth
 * @param temperatures bench means by month
 */
public record Conditions(LightYear light, boolean controlled, Temperatures temperatures) {

  /** Whether light carries growth after a move on that day. */
  public boolean carryGrowth(LocalDate day, Figures figures) {
    return controlled || light.hoursOn(day) >= figures.of(SeasonFigures.LEAST_LIGHT);
  }

  /** The first day, from the given one on, on which light carries growth. */
  public Optional<LocalDate> carryGrowthFrom(LocalDate day, Figures figures) {
    return controlled
        ? Optional.of(day)
        : light.firstWithAtLeast(figures.of(SeasonFigures.LEAST_LIGHT), day);
  }
}
