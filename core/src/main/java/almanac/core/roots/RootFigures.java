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
          "A plant may be nearly a third faster or slower than its kind");
  public static final Figure OVERLAP =
      GROUP.figure(
          "overlap",
          2,
          Unit.MM,
          0,
          20,
          "A stage judged by eye and a length by ruler may differ by so much at the edge");

  public static final Figure RULER_ERROR =
      GROUP.figure(
          "ruler-error",
          2,
          Unit.MM,
          0.1,
          20,
          "A bent root measured twice differs by about so much");
  public static final Figure WEATHER =
      GROUP.figure(
          "weather",
          15,
          Unit.PERCENT,
          0,
          80,
          "From one week to the next the same root grows by so much more or less");
  public static final Figure SLIP =
      GROUP.figure(
          "slip",
          4,
          Unit.TIMES,
          2,
          10,
          "Further off than four times what ruler and weather explain is a slip of the ruler");
  public static final Figure FALL =
      GROUP.figure(
          "fall",
          3,
          Unit.TIMES,
          1,
          10,
          "Roots do not shrink: shorter by three errors of the ruler, it is another root");
  public static final Figure BUMPS_DAYS =
      GROUP.figure("bumps-days", 10, Unit.DAYS, 1, 60, "From bumps to nubs takes about ten days");
  public static final Figure SLOWED =
      GROUP.figure(
          "slowed",
          90,
          Unit.PERCENT,
          10,
          100,
          "That cold or the dark slow the roots is said from a tenth on");
  public static final Figure FLUSH_SPREAD =
      GROUP.figure(
          "flush-spread",
          15,
          Unit.PERCENT,
          1,
          80,
          "The same plant makes its roots a little faster in one year than in another");
  public static final Figure KIND_SPREAD =
      GROUP.figure(
          "kind-spread",
          20,
          Unit.PERCENT,
          1,
          80,
          "A kind may grow a fifth faster or slower with one collector than with another");
  public static final Figure ENOUGH_PLANTS =
      GROUP.figure(
          "enough-plants", 3, Unit.TIMES, 1, 50, "Two plants may both be odd; three begin to tell");
  public static final Figure FEW_DEAD =
      GROUP.figure(
          "few-dead", 10, Unit.PERCENT, 0, 50, "Every root system has a few dead roots in it");
  public static final Figure MOSTLY_DEAD =
      GROUP.figure(
          "mostly-dead", 50, Unit.PERCENT, 10, 95, "With more than half dead the rest will follow");

  static {
    GROUP.inOrder(NUB_MOST, SHORT_MOST, MID_MOST, LONG_FIRST);
    GROUP.inOrder(FEW_DEAD, MOSTLY_DEAD);
  }

  private RootFigures() {}

  private static Figure mm(String name, double value, String reason) {
    return GROUP.figure(name, value, Unit.MM, 1, 500, reason);
  }
}
