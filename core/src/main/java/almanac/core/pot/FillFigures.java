package almanac.core.pot;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** How much of what goes into a pot. */
public final class FillFigures {
  public static final FigureGroup GROUP = new FigureGroup("fill", "Mix and fill");

  public static final Figure BARE_ROOTS =
      GROUP.figure(
          "bare-roots",
          10,
          Unit.PERCENT,
          0,
          60,
          "Roots shaken clean take about a tenth of the pot they filled");
  public static final Figure HALF_BALL =
      GROUP.figure(
          "half-ball",
          50,
          Unit.PERCENT,
          0,
          100,
          "Of a ball that is opened on one side, half stays");
  public static final Figure BOTTOM_LAYER =
      GROUP.figure(
          "bottom-layer", 15, Unit.MM, 0, 100, "One layer of stones coarser than the holes drains");
  public static final Figure TOP_LAYER =
      GROUP.figure(
          "top-layer",
          10,
          Unit.MM,
          0,
          50,
          "A finger's breadth keeps the surface moist and moss out");
  public static final Figure CUP =
      GROUP.figure("cup", 250, Unit.ML, 50, 1000, "A common measuring cup");
  public static final Figure JUG =
      GROUP.figure("jug", 1000, Unit.ML, 200, 10_000, "A common measuring jug");

  static {
    GROUP.inOrder(CUP, JUG);
  }

  private FillFigures() {}
}
