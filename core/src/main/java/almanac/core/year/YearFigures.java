package almanac.core.year;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;

/** Figures of how past years are read from looks. */
public final class YearFigures {
  public static final FigureGroup GROUP = new FigureGroup("year", "The year");

  public static final Figure ONE_BLOOM =
      GROUP.days("one-bloom-days", 75, "Flowers that nobody saw for longer are those of another");

  public static final Figure THIS_WEEK =
      GROUP.days("this-week", 7, "What opens, closes or is worked at further off is no news today");

  private YearFigures() {}
}
