package almanac.core.pot;

import almanac.core.figures.Figures;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import java.util.Map;
import java.util.TreeMap;

/** How much of each component makes up a mix. Rules: Mix and fill. */
public final class Portions {
  private Portions() {}

  /** As much more may be mixed as this, as a share, for the parts to stay as they are. */
  private static final double MOST_OVER = 0.25;

  private static final double ROUNDING = 1e-6;

  /**
   * Each component as a person measures it out. The parts stay as they are, so that 3 : 1 is three
   * cups and one, and not three and a half; unless that were far more than is needed.
   *
   * @param ml of the mix, from 0
   */
  public static Map<Component, MeasuredVolume> measured(Mix mix, double ml, Figures figures) {
    double half = figures.of(FillFigures.CUP) / 2;
    double all = mix.parts().values().stream().mapToDouble(Double::doubleValue).sum();
    var measured = new TreeMap<Component, MeasuredVolume>();
    double onePart = onePart(mix, ml / all, half);
    of(mix, onePart * all <= ml * (1 + MOST_OVER) ? onePart * all : ml)
        .forEach((component, so) -> measured.put(component, MeasuredVolume.of(so, figures)));
    return measured;
  }

  /** So much, ml, that every component is whole halves of a cup. */
  private static double onePart(Mix mix, double least, double half) {
    long halves = (long) Math.ceil(least / half - ROUNDING);
    for (long so = Math.max(1, halves); so <= halves + 2; so++) {
      long times = so;
      boolean whole =
          mix.parts().values().stream()
              .allMatch(part -> Math.abs(part * times - Math.rint(part * times)) < ROUNDING);
      if (whole) {
        return so * half;
      }
    }
    return least;
  }

  /**
   * ml of each component, in the order of the components.
   *
   * @param ml of the mix, from 0
   */
  public static Map<Component, Double> of(Mix mix, double ml) {
    var portions = new TreeMap<Component, Double>();
    mix.parts().keySet().forEach(part -> portions.put(part, ml * mix.share(part)));
    return portions;
  }
}
