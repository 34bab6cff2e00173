package almanac.core.pot;

import almanac.core.figures.Figures;

/**
 * A volume as a person measures it out, in jugs and halves of a cup, rounded up to them: too little
 * is found out when the pot is half full.
 *
 * @param jugs whole jugs, from 0
 * @param halfCups halves of a cup besides
 */
public record MeasuredVolume(int jugs, int halfCups) {
  private static final double ROUNDING = 1e-9;

  /**
   * @param ml from 0
   */
  public static MeasuredVolume of(double ml, Figures figures) {
    double half = figures.of(FillFigures.CUP) / 2;
    double jug = figures.of(FillFigures.JUG);
    int jugs = (int) (ml / jug);
    int halves = (int) Math.ceil((ml - jugs * jug) / half - ROUNDING);
    return halves * half >= jug
        ? new MeasuredVolume(jugs + 1, 0)
        : new MeasuredVolume(jugs, halves);
  }

  /** As it is counted out: {@code 2 jugs and 1½ cups}; a few ml are still half a cup. */
  public String words() {
    var cups = cups();
    if (jugs == 0) {
      return cups.isEmpty() ? "nothing" : cups;
    }
    var whole = jugs == 1 ? "1 jug" : jugs + " jugs";
    return cups.isEmpty() ? whole : whole + " and " + cups;
  }

  private String cups() {
    if (halfCups == 0) {
      return "";
    }
    var whole = halfCups > 1 ? String.valueOf(halfCups / 2) : "";
    return whole + (halfCups % 2 == 1 ? "½" : "") + (halfCups > 2 ? " cups" : " cup");
  }
}
