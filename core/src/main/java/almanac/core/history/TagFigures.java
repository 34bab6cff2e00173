package almanac.core.history;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;

/** Figures of the tags. */
public final class TagFigures {
  public static final FigureGroup GROUP = new FigureGroup("tag", "Tags");

  public static final Figure CHECKED_WITHIN =
      GROUP.days(
          "checked-within",
          60,
          "Tags that were swapped longer ago are found by the flowers, not by a check");

  private TagFigures() {}
}
