package almanac.core.ahead;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** How the year of a collection is foretold. */
public final class AheadFigures {
  public static final FigureGroup GROUP = new FigureGroup("ahead", "The year ahead");

  public static final Figure RANGE =
      GROUP.figure(
          "range",
          90,
          Unit.PERCENT,
          50,
          98,
          "Nine years of ten lie in it: wide enough to be trusted, narrow enough to plan by");
  public static final Figure SHARED =
      GROUP.figure(
          "shared",
          30,
          Unit.PERCENT,
          0,
          100,
          "A late spring is late for all of them; the rest is each plant's own");
  public static final Figure SUFFICES =
      GROUP.figure(
          "suffices",
          90,
          Unit.PERCENT,
          50,
          99,
          "To run out half-way costs a weekend; a bag too many keeps until next year");
  public static final Figure OVERFLOWS =
      GROUP.figure(
          "overflows",
          50,
          Unit.PERCENT,
          5,
          95,
          "A week that is as likely as not to leave something undone wants another plan");

  private AheadFigures() {}
}
