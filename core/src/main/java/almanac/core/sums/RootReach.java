package almanac.core.sums;

import almanac.core.refusals.Refused;

/** When growing roots will have reached a length. Rules: Sums. */
public final class RootReach {
  private static final double LONGEST_MM = 2000;
  private static final double FASTEST = 60;
  private static final double DAYS_A_WEEK = 7;

  private RootReach() {}

  /**
   * Days until then, in warm active growth.
   *
   * @param nowMm how long they are, from 0
   * @param wantedMm how long they shall be, more than they are, up to 2000
   * @param mmAWeek how fast they grow, over 0 to 60
   * @throws Refused naming the entry that makes no sense
   */
  public static double days(double nowMm, double wantedMm, double mmAWeek) {
    Dilution.within(SumField.SPEED, mmAWeek, FASTEST, "A root grows up to 60 mm a week.");
    Dilution.within(SumField.LONG, wantedMm, LONGEST_MM, "A root is up to 2000 mm long.");
    if (!(nowMm >= 0 && nowMm <= LONGEST_MM)) {
      throw new Refused(SumField.NOW, "A root is from 0 to 2000 mm long.");
    }
    if (wantedMm < nowMm) {
      throw new Refused(SumField.LONG, "They are longer than that by now.");
    }
    return (wantedMm - nowMm) / mmAWeek * DAYS_A_WEEK;
  }
}
