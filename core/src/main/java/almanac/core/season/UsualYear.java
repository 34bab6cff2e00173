package almanac.core.season;

import almanac.core.figures.Figures;
import almanac.core.medium.Temperatures;
import java.util.OptionalDouble;

/** How warm a place is through the year where nobody has measured each month. */
public final class UsualYear {
  private UsualYear() {}

  /**
   * On a curve between two months; what is not told is usual for the season there.
   *
   * @param january mean of January, °C
   * @param july mean of July, °C
   * @throws almanac.core.refusals.Refused naming the means, if there is no such place
   */
  public static Temperatures at(
      LightYear light, OptionalDouble january, OptionalDouble july, Figures figures) {
    double winter = figures.of(SeasonFigures.USUAL_WINTER);
    double summer = figures.of(SeasonFigures.USUAL_SUMMER);
    return Temperatures.between(
        january.orElse(light.northern() ? winter : summer),
        july.orElse(light.northern() ? summer : winter));
  }
}
