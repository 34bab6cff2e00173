package almanac.core.kinds;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** Figures that many kinds share. */
public final class KindFigures {
  public static final FigureGroup GROUP = new FigureGroup("kind", "Kinds of plants");

  public static final Figure ROOT_SPEED =
      GROUP.figure(
          "root-speed",
          17,
          Unit.MM_A_WEEK,
          0.5,
          60,
          "From nub to 100 mm takes five to six weeks in warm active growth");
  public static final Figure SLOW_ROOT_SPEED =
      GROUP.figure(
          "root-speed-slow", 4, Unit.MM_A_WEEK, 0.5, 60, "Slippers make few, thick, slow roots");

  private KindFigures() {}
}
