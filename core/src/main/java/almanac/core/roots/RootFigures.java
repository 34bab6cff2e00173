package almanac.core.roots;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** Figures of root stages and their forecast. */
public final class RootFigures {
  public static final FigureGroup GROUP = new FigureGroup("roots", "Root stages");

  public static final Figure NUB_MOST =
      mm("nub-most", 20, "A nub this short is seldom broken and enters the fresh medium");
  public static final Figure SHORT_MOST =
      mm("short-most", 50, "Up to here a broken tip usually stops for good");
  public static final Figure MID_MOST =
      mm("mid-most", 100, "From here on a broken root of a branching kind puts out side roots");
  public static final Figure LONG_FIRST =
      mm(
          "long-first",
          130,
          "Two-leaved cattleyas sulk when moved before their roots are this long");
  public static final Figure SPEED_SPREAD =
      GROUP.figure(
          "speed-spread",
          30,
          Unit.PERCENT,
          0,
          90,
          "Without measurements of its own a plant may be a third faster or slower than its kind");
  public static final Figure OVERLAP =
      GROUP.figure(
          "overlap",
          2,
          Unit.MM,
          0,
          20,
          "A stage judged by eye and a length by ruler may differ by so much at the edge");

  private RootFigures() {}

  private static Figure mm(String name, double value, String reason) {
    return GROUP.figure(name, value, Unit.MM, 1, 500, reason);
  }
}
