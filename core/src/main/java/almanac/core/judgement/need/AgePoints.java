package almanac.core.judgement.need;

import almanac.core.figures.Figures;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.medium.MediumFigures;

/** What the age of a medium counts: straight lines from mature to long gone. Rules: Needs. */
public final class AgePoints {
  private AgePoints() {}

  /**
   * @param used the life used, %
   */
  public static double of(double used, Figures figures) {
    double[][] line = line(figures);
    if (used <= line[0][0]) {
      return 0;
    }
    for (int i = 1; i < line.length; i++) {
      if (used <= line[i][0]) {
        double along = (used - line[i - 1][0]) / (line[i][0] - line[i - 1][0]);
        return line[i - 1][1] + along * (line[i][1] - line[i - 1][1]);
      }
    }
    return line[line.length - 1][1];
  }

  /**
   * The life used, %, from which it counts so much.
   *
   * @return infinity if it never counts that much
   */
  static double usedFor(double points, Figures figures) {
    double[][] line = line(figures);
    for (int i = 1; i < line.length; i++) {
      if (points <= line[i][1]) {
        double along = Math.max(0, points - line[i - 1][1]) / (line[i][1] - line[i - 1][1]);
        return line[i - 1][0] + along * (line[i][0] - line[i - 1][0]);
      }
    }
    return Double.POSITIVE_INFINITY;
  }

  private static double[][] line(Figures f) {
    return new double[][] {
      {f.of(MediumFigures.MATURE), 0},
      {f.of(MediumFigures.DUE), f.of(NeedFigures.MEDIUM_DUE.counts())},
      {f.of(MediumFigures.SPENT), f.of(NeedFigures.MEDIUM_SPENT.counts())},
      {f.of(NeedFigures.GONE_AT), f.of(NeedFigures.MEDIUM_GONE.counts())}
    };
  }
}
