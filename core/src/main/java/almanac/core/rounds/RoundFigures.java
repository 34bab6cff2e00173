package almanac.core.rounds;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** How walks are planned. */
public final class RoundFigures {
  public static final FigureGroup GROUP = new FigureGroup("round", "Rounds");

  public static final Figure MOST =
      GROUP.figure(
          "most",
          15,
          Unit.PLANTS,
          1,
          1000,
          "More looks on one day are skipped, or made in a hurry");

  public static final Figure MOST_OVERDUE =
      GROUP.figure(
          "most-overdue",
          12,
          Unit.PLANTS,
          1,
          1000,
          "Half an hour of looks; what was missed is not piled on one morning");

  public static final Figure LOOK_MINUTES =
      GROUP.figure(
          "look-minutes", 2, Unit.MINUTES, 1, 60, "A look that answers one question, and a note");

  private RoundFigures() {}
}
