package almanac.core.judgement.figures;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Rim;

/** How today is held against the days that are still to come. */
public final class MomentFigures {
  public static final FigureGroup GROUP = new FigureGroup("moments", "The moments ahead");

  public static final Figure HORIZON =
      GROUP.days("horizon", 548, "Eighteen months hold two springs; nobody foretells a third");
  public static final Figure ALIKE =
      GROUP.points(
          "alike", 10, "Moments this close are equally good, and the earlier one is taken");
  public static final Figure LITTLE_NEED =
      GROUP.points(
          "little-need", 15, "Reason enough where the next good moment would come too late");
  public static final Figure UNSURE =
      GROUP.figure(
          "unsure",
          15,
          Unit.PERCENT,
          0,
          60,
          "A window that nobody can foretell is easily missed: it counts less");
  public static final Figure A_MONTH =
      GROUP.points("a-month", 2, "Every month in a pot that it should leave costs it a little");
  public static final Figure ANY_TIME =
      GROUP.points(
          "any-time", 65, "A kind that roots at any time is not kept waiting for its best");
  public static final Figure ROOTS_AT =
      GROUP.figure(
          "roots-at", 50, Unit.PERCENT, 5, 95, "Most growths root when they are about half grown");
  public static final Figure LIFE_SPREAD =
      GROUP.figure(
          "life-spread",
          25,
          Unit.PERCENT,
          0,
          60,
          "The same bark lasts a quarter longer or shorter from house to house and bag to bag");
  public static final Figure FLUSH_SPREAD =
      GROUP.figure(
          "flush-spread",
          35,
          Unit.PERCENT,
          5,
          90,
          "Growths keep no calendar: a third of the time that is left, early or late");
  public static final Figure FLUSH_UNSEEN =
      GROUP.figure(
          "flush-unseen",
          50,
          Unit.PERCENT,
          10,
          90,
          "Where nobody saw how far the growth is, half a turn early or late");
  public static final Figure POT_FULL =
      GROUP.figure(
          "pot-full",
          36,
          Unit.MONTHS,
          6,
          120,
          "Where nothing decays and nobody measured, a pot lasts about three years");
  public static final Figure SHORT_WAIT =
      GROUP.days(
          "short-wait", 56, "Eight weeks bring nubs to a safe length: worth it even in old medium");
  private static final Figure[] GROWN = {
    grown("none", 0, "Nothing is there that grows"),
    grown("eye", 0, "It is about to begin"),
    grown("starting", 10, "The first weeks"),
    grown("half-grown", 45, "Half of its way"),
    grown("nearly-mature", 75, "The bulb fills"),
    grown("mature", 95, "The next eye may swell"),
    grown("resting", 100, "The next thing it does is to begin anew")
  };
  private static final Figure[] ROOM = {
    room("some", 150, "More than a season, and nobody says how much"),
    room("under-a-season", 75, "Between half a season and a whole one"),
    room("under-half-a-season", 25, "Between none and half a season"),
    room("over", -10, "A little past the rim"),
    room("jammed", -10, "A little past the rim")
  };

  static {
    GROUP.inOrder(LITTLE_NEED, JudgementFigures.LEAVE_BELOW);
  }

  private MomentFigures() {}

  /** How much of its turn a growth at that stage has behind it, %. */
  public static Figure grown(GrowthStage stage) {
    return GROWN[stage.ordinal()];
  }

  /** How much room the eye stands for, % of what a lead grows in a year. */
  public static Figure room(Rim rim) {
    return ROOM[Math.min(rim.ordinal(), ROOM.length - 1)];
  }

  private static Figure grown(String stage, double percent, String reason) {
    return GROUP.figure("grown." + stage, percent, Unit.PERCENT, 0, 100, reason);
  }

  private static Figure room(String name, double percent, String reason) {
    return GROUP.figure("room." + name, percent, Unit.PERCENT, -100, 300, reason);
  }
}
