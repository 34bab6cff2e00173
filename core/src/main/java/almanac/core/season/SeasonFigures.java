package almanac.core.season;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** Figures of the season. */
public final class SeasonFigures {
  public static final FigureGroup GROUP = new FigureGroup("season", "Season and conditions");

  public static final Figure LEAST_LIGHT =
      GROUP.figure(
          "least-light", 12, Unit.HOURS, 6, 18, "With less light a moved plant cannot make roots");

  private SeasonFigures() {}
}
