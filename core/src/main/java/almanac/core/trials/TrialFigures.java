package almanac.core.trials;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** When a trial is looked at, and when it may be judged. */
public final class TrialFigures {
  public static final FigureGroup GROUP = new FigureGroup("trials", "Trials");

  public static final Figure HONEST_FROM =
      GROUP.days(
          "honest-from", 180, "A medium shows its first honest side after half a year, not before");
  public static final Figure TURN =
      GROUP.figure(
          "turn",
          12,
          Unit.HOURS,
          8,
          16,
          "When days pass twelve hours the season changes: what does well in one half of the year"
              + " need not in the other");
  public static final Figure LOOK_EVERY =
      GROUP.days("look-every", 42, "In six weeks roots and growths have moved on enough to tell");
  public static final Figure LOOK_SLACK =
      GROUP.days("look-slack", 7, "A look a week early or late serves as well");
  public static final Figure OF_THE_START =
      GROUP.days(
          "of-the-start",
          14,
          "Who was moved two weeks before a trial or after its first day was moved for it");
  public static final Figure READ_TO =
      GROUP.figure(
          "read-to",
          3,
          Unit.PERCENT,
          0,
          50,
          "Two people read one growth of 100 mm three millimetres apart");

  private TrialFigures() {}
}
