package almanac.core.benchdays;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** What weighs how much when jobs are laid on days. */
public final class DayFigures {
  public static final FigureGroup GROUP = new FigureGroup("day", "Bench days");

  public static final Figure HAZARD_DAYS =
      GROUP.figure(
          "hazard-days",
          1,
          Unit.DAYS,
          0,
          14,
          "Rot doubles within days: a hazard may wait for tomorrow's bench, not for the weekend");
  public static final Figure IDLE =
      GROUP.points(
          "idle",
          20,
          "A bench day that nobody uses is gone; what waits for its best may be missed");
  public static final Figure OFF_BEST =
      GROUP.points("off-best", 1, "Each day off the best one costs a little");
  public static final Figure LATE =
      GROUP.points(
          "late", 5, "What should have been done goes before what may still wait: five days of it");
  public static final Figure OVERDUE =
      GROUP.points(
          "overdue",
          1,
          "A job that is weeks late, squared: within two months it goes before one that may be"
              + " missed");
  public static final Figure MIX_AGAIN =
      GROUP.points("mix-again", 6, "To mix the same twice takes a quarter of an hour, and a mess");
  public static final Figure MOVED =
      GROUP.points("moved", 4, "Nobody trusts a plan that is another one every morning");
  public static final Figure LITTLE =
      GROUP.points(
          "little", 7, "Within a week of the best day a plant does not know the difference");

  private DayFigures() {}
}
