package almanac.core.pots;

import almanac.core.figures.Figures;

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
    double bottom = rimMm * figures.of(PottingFigures.TAPER) / 100;
    double holds =
        Math.PI * depthMm / 12 * (rimMm * rimMm + rimMm * bottom + bottom * bottom) / CUBIC_MM_A_ML;
    return new PotVolume(holds, holds * (1 + figures.of(PottingFigures.SETTLING) / 100));
  }
}
