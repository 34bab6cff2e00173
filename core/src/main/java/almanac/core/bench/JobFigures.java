package almanac.core.bench;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** How long things take at the bench. */
public final class JobFigures {
  public static final FigureGroup GROUP = new FigureGroup("job", "At the bench");

  public static final Figure SOAK_MINUTES =
      GROUP.figure(
          "soak", 15, Unit.MINUTES, 1, 1440, "In a quarter of an hour thin roots turn supple");
  public static final Figure SOAK_CLINGING_MINUTES =
      GROUP.figure(
          "soak-clinging", 180, Unit.MINUTES, 1, 1440, "What grips the wall lets go after hours");
  public static final Figure WOUNDS_DRY_DAYS =
      GROUP.days("wounds-dry", 3, "A wet cut rots; in two to five days it has closed");

  public static final Figure LEFT_OPEN_DAYS =
      GROUP.days(
          "left-open",
          2,
          "Who ends it the next morning potted it when it was begun; later, who knows");
  public static final Figure LIFTS_THAT_MOVE =
      GROUP.figure(
          "lifts-that-move",
          50,
          Unit.PERCENT,
          1,
          100,
          "Half of those that are lifted in doubt go back as they were");
  public static final Figure DRY_DAYS =
      GROUP.days("dry-days", 7, "Bark falls off roots that were left dry for a week");
  public static final Figure MOVE_UP_MINUTES =
      minutes("move-up", 15, "Nothing is untangled: a pot, a gap filled, a tag");
  public static final Figure PART_REPOT_MINUTES =
      minutes("part-repot", 35, "One side comes off and the rest has to hold together");
  public static final Figure LOOSE_REPOT_MINUTES =
      minutes("loose-repot", 30, "Moss, and whatever pours off, leaves the roots in one go");
  public static final Figure BARK_REPOT_MINUTES =
      minutes("bark-repot", 60, "Bark is picked out of the roots piece by piece");
  public static final Figure DIVIDE_MINUTES =
      minutes("divide", 25, "Each cut is looked for, dressed, and makes one more pot to fill");
  public static final Figure MANY_ROOTS_MINUTES =
      minutes("many-roots", 15, "What circles or clings has to be freed root by root");
  public static final Figure HARD_POT_MINUTES =
      minutes("hard-pot", 15, "Clay that roots grip is broken, not pulled");
  public static final Figure OWN_TIMES_WEIGHT =
      GROUP.figure(
          "own-times-weight",
          4,
          Unit.TIMES,
          0,
          100,
          "One slow evening says little; after as many jobs the own pace counts half");

  private static Figure minutes(String name, double standard, String reason) {
    return GROUP.figure(name + "-minutes", standard, Unit.MINUTES, 1, 600, reason);
  }

  static {
    GROUP.inOrder(SOAK_MINUTES, SOAK_CLINGING_MINUTES);
  }

  private JobFigures() {}
}
