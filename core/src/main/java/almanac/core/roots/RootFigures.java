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

  public static final Figure OWN_RATE_DAYS =
      GROUP.figure(
          "own-rate-days",
          4,
          Unit.DAYS,
          1,
          60,
          "Over fewer days the ruler's error outweighs what a root grows");
  public static final Figure RULER_ERROR =
      GROUP.figure(
          "ruler-error",
          2,
          Unit.MM,
          0.1,
          20,
          "A bent root measured twice differs by about so much");
  public static final Figure LEAST_SPREAD =
      GROUP.figure(
          "least-spread",
          10,
          Unit.PERCENT,
          0,
          90,
          "However well it is measured, weather changes a root's speed by a tenth");
  public static final Figure MOST_SPREAD =
      GROUP.figure(
          "most-spread", 80, Unit.PERCENT, 10, 95, "Beyond this a forecast says nothing at all");
  public static final Figure SLOWEST =
      GROUP.figure(
          "slowest",
          0.5,
          Unit.MM_A_WEEK,
          0.1,
          5,
          "A tip that hardly moves is given this, so that a forecast stays a date");
  public static final Figure FEW_DEAD =
      GROUP.figure(
          "few-dead", 10, Unit.PERCENT, 0, 50, "Every root system has a few dead roots in it");
  public static final Figure MOSTLY_DEAD =
      GROUP.figure(
          "mostly-dead", 50, Unit.PERCENT, 10, 95, "With more than half dead the rest will follow");

  static {
    GROUP.inOrder(NUB_MOST, SHORT_MOST, MID_MOST, LONG_FIRST);
    GROUP.inOrder(LEAST_SPREAD, MOST_SPREAD);
    GROUP.inOrder(FEW_DEAD, MOSTLY_DEAD);
  }

  private RootFigures() {}

  private static Figure mm(String name, double value, String reason) {
    return GROUP.figure(name, value, Unit.MM, 1, 500, reason);
  }
}
