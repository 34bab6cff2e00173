package almanac.core.sums;

import almanac.core.figures.Figures;
import almanac.core.refusals.Refused;

/**
 * How much of something strong and how much water make something weaker: C₁V₁ = C₂V₂. Rules: Sums.
 *
 * @param stockMl how much of what one has
 * @param waterMl how much water
 */
public record Dilution(double stockMl, double waterMl) {
  private static final double MOST_ML = 100_000;
  private static final double WHOLE = 100;

  /**
   * @param stockPercent how strong it is, over 0 to 100
   * @param wantedPercent how strong it shall be, over 0, at most as strong as it is
   * @param wantedMl how much is wanted, over 0 to 100,000
   * @throws Refused naming the entry that is impossible, or unsafe on a plant
   */
  public static Dilution of(
      Substance what,
      Use use,
      double stockPercent,
      double wantedPercent,
      double wantedMl,
      Figures figures) {
    within(SumField.STOCK, stockPercent, WHOLE, "Its strength goes up to 100 %.");
    within(SumField.WANTED, wantedPercent, WHOLE, "The strength wanted goes up to 100 %.");
    within(SumField.AMOUNT, wantedMl, MOST_ML, "Mix from a drop to 100 litres.");
    if (wantedPercent > stockPercent) {
      throw new Refused(
          SumField.WANTED, "Water makes it weaker, never stronger: want less than it has.");
    }
    refuseUnsafe(what, use, stockPercent, wantedPercent, figures);
    double stockMl = wantedMl * wantedPercent / stockPercent;
    return new Dilution(stockMl, wantedMl - stockMl);
  }

  private static void refuseUnsafe(
      Substance what, Use use, double stockPercent, double wantedPercent, Figures figures) {
    if (use == Use.TOOLS || what == Substance.OTHER) {
      return;
    }
    switch (what) {
      case ALCOHOL ->
          throw new Refused(SumField.USE, "Alcohol is for tools and trays, never for roots.");
      case BLEACH ->
          throw new Refused(
              SumField.USE, "Bleach is for pots and tools, rinsed afterwards, never for a plant.");
      default -> {
        double sold = figures.of(SumFigures.PEROXIDE_SOLD);
        if (stockPercent > sold) {
          throw new Refused(
              SumField.STOCK,
              "Peroxide sold stronger than %.0f %% is not for plants, however thin: buy 3 %%."
                  .formatted(sold));
        }
        double most = figures.of(SumFigures.PEROXIDE_MOST);
        if (wantedPercent > most) {
          throw new Refused(
              SumField.WANTED,
              "Peroxide on a plant: at most %.0f %%, none stronger.".formatted(most));
        }
      }
    }
  }

  static void within(SumField field, double value, double most, String sentence) {
    if (!(value > 0 && value <= most)) {
      throw new Refused(field, sentence + " Give a number over 0.");
    }
  }
}
