package almanac.core.pot;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** Figures of pots and of what goes into them. */
public final class PottingFigures {
  public static final FigureGroup GROUP = new FigureGroup("pot", "Pots and what they hold");

  public static final Figure TAPER =
      GROUP.figure(
          "taper",
          80,
          Unit.PERCENT,
          40,
          100,
          "At the bottom a pot is about four fifths as wide as at the rim");
  public static final Figure SETTLING =
      GROUP.figure(
          "settling", 12, Unit.PERCENT, 0, 30, "A loose mix settles by a tenth to a seventh");

  private PottingFigures() {}
}
