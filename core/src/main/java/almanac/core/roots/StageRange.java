package almanac.core.roots;

import almanac.core.figures.Figures;

/**
 * The lengths of a stage, mm.
 *
 * @param from the shortest
 * @param to the longest; without end for long roots
 */
record StageRange(double from, double to) {
  /** Kept from the edges, so that a length stays in its stage whichever side owns the edge. */
  private static final double EDGE = 1;

  static StageRange of(RootStage stage, Figures figures) {
    double nub = figures.of(RootFigures.NUB_MOST);
    double shortMost = figures.of(RootFigures.SHORT_MOST);
    double mid = figures.of(RootFigures.MID_MOST);
    return switch (stage) {
      case NUB -> new StageRange(0, nub);
      case SHORT -> new StageRange(nub, shortMost);
      case MID -> new StageRange(shortMost, mid);
      default -> new StageRange(mid, Double.POSITIVE_INFINITY);
    };
  }

  double middle() {
    return Double.isInfinite(to) ? from : (from + to) / 2;
  }

  /** How wide it is; long roots are taken for as wide as the stage before. */
  double width(Figures figures) {
    return Double.isInfinite(to) ? of(RootStage.MID, figures).width(figures) : to - from;
  }

  double nearest(double mm) {
    return Math.max(from + EDGE, Math.min(to - EDGE, mm));
  }
}
