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

  private SumFigures() {}
}
