package almanac.core.sums;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** What is safe on a plant. */
public final class SumFigures {
  public static final FigureGroup GROUP = new FigureGroup("sums", "Sums");

  public static final Figure PEROXIDE_MOST =
      GROUP.figure(
          "peroxide-most", 3, Unit.PERCENT, 0, 3, "Stronger peroxide burns the tips of live roots");

  public static final Figure PEROXIDE_SOLD =
      GROUP.figure(
          "peroxide-sold",
          6,
          Unit.PERCENT,
          3,
          6,
          "What is sold stronger is for other work: a slip in thinning it burns hands and eyes");

  static {
    GROUP.inOrder(PEROXIDE_MOST, PEROXIDE_SOLD);
  }

  private SumFigures() {}
}
