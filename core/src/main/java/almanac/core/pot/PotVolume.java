package almanac.core.pot;

import almanac.core.figures.Figures;
import java.util.Objects;

/**
 * What an empty pot takes. Rules: Pots and what they hold.
 *
 * @param holdsMl the pot filled to its rim, ml
 * @param mixMl the loose mix to have at hand for it, ml: it settles
 */
public record PotVolume(double holdsMl, double mixMl) {
  private static final double CUBIC_MM_A_ML = 1000;

  /**
   * A truncated cone, π·h/12·(D² + D·d + d²), whose bottom d follows from the usual taper.
   *
   * @param rimMm across the rim, mm, above 0
   * @param depthMm inside, mm, above 0
   */
  public static PotVolume of(double rimMm, double depthMm, Figures figures) {
    double holds = cone(rimMm, foot(rimMm, figures), depthMm);
    return new PotVolume(holds, loose(holds, figures));
  }

  /**
   * What a pot holds up to so far above its floor, ml.
   *
   * @param pot measured across and in depth
   * @param mm from 0 to its depth
   */
  public static double upTo(Pot pot, double mm, Figures figures) {
    double rim = Objects.requireNonNull(pot.diameterMm());
    double foot = foot(rim, figures);
    double across = foot + (rim - foot) * mm / Objects.requireNonNull(pot.depthMm());
    return cone(across, foot, mm);
  }

  /** So much loose mix fills a room, ml: it settles. */
  public static double loose(double roomMl, Figures figures) {
    return roomMl * (1 + figures.of(PottingFigures.SETTLING) / 100);
  }

  private static double foot(double rimMm, Figures figures) {
    return rimMm * figures.of(PottingFigures.TAPER) / 100;
  }

  private static double cone(double topMm, double bottomMm, double highMm) {
    return Math.PI
        * highMm
        / 12
        * (topMm * topMm + topMm * bottomMm + bottomMm * bottomMm)
        / CUBIC_MM_A_ML;
  }
}
