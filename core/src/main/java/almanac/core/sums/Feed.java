package almanac.core.sums;

import almanac.core.refusals.Refused;

/** How much feed goes into so much water, and how strong that is. Rules: Sums. */
public final class Feed {
  private static final double MOST_PER_LITRE = 100;
  private static final double MOST_LITRES = 1000;
  private static final double STRONGEST = 2;
  private static final double WHOLE = 100;
  private static final double MG_PER_G = 1000;

  private Feed() {}

  /**
   * So much goes into the water.
   *
   * @param perLitre what the label says for a litre at full strength, g or ml, over 0 to 100
   * @param litres over 0 to 1000
   * @param strength 1 full, 0.5 half; over 0 to 2
   * @return in the unit of {@code perLitre}
   * @throws Refused naming the entry that makes no sense
   */
  public static double dose(double perLitre, double litres, double strength) {
    Dilution.within(SumField.PER_LITRE, perLitre, MOST_PER_LITRE, "A litre takes up to 100.");
    Dilution.within(SumField.LITRES, litres, MOST_LITRES, "Mix up to 1000 litres.");
    Dilution.within(SumField.STRENGTH, strength, STRONGEST, "At most twice what the label says.");
    return perLitre * litres * strength;
  }

  /**
   * So many parts per million of one thing, such as nitrogen.
   *
   * @param gramsPerLitre how much feed is in a litre, over 0 to 100
   * @param labelPercent how much of it is that thing, over 0 to 100
   * @return mg per litre
   * @throws Refused naming the entry that makes no sense
   */
  public static double ppm(double gramsPerLitre, double labelPercent) {
    Dilution.within(SumField.GRAMS, gramsPerLitre, MOST_PER_LITRE, "A litre takes up to 100 g.");
    Dilution.within(SumField.LABEL, labelPercent, WHOLE, "A share goes up to 100 %.");
    return gramsPerLitre * MG_PER_G * labelPercent / WHOLE;
  }
}
