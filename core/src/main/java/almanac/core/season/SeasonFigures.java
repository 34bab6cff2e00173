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

  public static final Figure USUAL_WINTER =
      GROUP.figure(
          "usual-winter",
          16,
          Unit.DEGREES,
          -10,
          40,
          "A heated room's sill in the coldest month, where nobody has measured");
  public static final Figure USUAL_SUMMER =
      GROUP.figure(
          "usual-summer",
          24,
          Unit.DEGREES,
          -10,
          50,
          "The same sill in the warmest month, where nobody has measured");

  private SeasonFigures() {}
}
