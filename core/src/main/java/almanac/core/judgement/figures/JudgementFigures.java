package almanac.core.judgement.figures;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** Where need and readiness turn into a verdict, and how far ahead is soon. */
public final class JudgementFigures {
  public static final FigureGroup GROUP = new FigureGroup("verdict", "From need to verdict");

  public static final Figure LEAVE_BELOW =
      GROUP.points("leave-below", 25, "Below this nothing is gained by a move now");
  public static final Figure MUST_FROM =
      GROUP.points("must-from", 50, "From here on the plant loses by staying");
  public static final Figure COST_WHAT_MAY_FROM =
      GROUP.points("cost-what-may-from", 85, "Staying costs more than a move at a poor moment");
  public static final Figure GOOD_MOMENT =
      GROUP.points("good-moment", 70, "Ready enough that even a small need is worth using it");
  public static final Figure READY_ENOUGH =
      GROUP.points("ready-enough", 50, "Ready enough to get over a move that is needed");
  public static final Figure WINDOW_SOON =
      GROUP.days("window-soon", 42, "Nubs are past their best within six weeks");
  public static final Figure DUE_SOON =
      GROUP.days("due-soon", 91, "A medium that turns due within three months wants watching");
  public static final Figure FLOWERS_SPIKE =
      GROUP.days("flowers-over.spike", 84, "From spike to the last flower takes about 12 weeks");
  public static final Figure FLOWERS_BUDS =
      GROUP.days("flowers-over.buds", 56, "From buds to the last flower takes about 8 weeks");
  public static final Figure FLOWERS_OPEN =
      GROUP.days("flowers-over.open", 35, "Open flowers last about five weeks");
  public static final Figure FLOWERS_FADING =
      GROUP.days("flowers-over.fading", 14, "Fading flowers are over in a fortnight");
  public static final Figure TIPS_A_YEAR =
      GROUP.figure(
          "tips-a-year",
          3,
          Unit.TIMES,
          1,
          12,
          "A one-stemmed kind makes new root tips about three times a year");
  public static final Figure LEAVE_GROWING =
      GROUP.days("next-look.growing", 120, "In growth things change within a season");
  public static final Figure LEAVE_RESTING =
      GROUP.days("next-look.resting", 180, "At rest half a year may pass");
  public static final Figure FIRST_LOOK =
      GROUP.days("next-look.first", 14, "A plant nobody has looked at yet should be looked at");
  public static final Figure AFTER_FINDING =
      GROUP.days(
          "next-look.after-finding", 7, "After pests, rot or a cut the next look is in days");
  public static final Figure LOOK_FIRST =
      GROUP.days("next-look.undecided", 3, "Where one look decides, it should be made at once");
  public static final Figure AHEAD =
      GROUP.days(
          "next-look.ahead", 7, "A look a week before a window opens leaves time to prepare");
  public static final Figure WIDE =
      GROUP.days("next-look.wide", 42, "A forecast wider than this is checked at half time");
  public static final Figure REPOT_WITHIN =
      GROUP.days("repot-within", 28, "Once it is decided, within four weeks");
  public static final Figure STANDS =
      GROUP.days("stands", 91, "Where nothing else ends it, what was seen is acted on in a season");
  public static final Figure NEW_DAYS =
      GROUP.days("new-days", 91, "For a season after it came nobody knows what is in the pot");
  public static final Figure LIFT_WITHIN =
      GROUP.days("lift-within", 14, "A suspicion about roots should not wait longer");
  public static final Figure DOWNHILL_LOOKS =
      GROUP.days("downhill.looks", 540, "A plant sinks over seasons; older trouble is over");
  public static final Figure DOWNHILL_SIGNS =
      GROUP.figure(
          "downhill.signs",
          2,
          Unit.TIMES,
          2,
          5,
          "One thing may have one cause; two together say that the plant is sinking");
  public static final Figure DOWNHILL_SMALLER =
      GROUP.figure(
          "downhill.smaller",
          10,
          Unit.PERCENT,
          1,
          90,
          "A tenth less may be one poor summer; twice in a row it is not");
  public static final Figure WINDOW_SHARE =
      GROUP.figure(
          "next-look.window",
          20,
          Unit.PERCENT,
          0,
          50,
          "A check may be a fifth of its distance early or late without harm");

  static {
    GROUP.inOrder(LEAVE_BELOW, MUST_FROM, COST_WHAT_MAY_FROM);
    GROUP.inOrder(READY_ENOUGH, GOOD_MOMENT);
  }

  private JudgementFigures() {}
}
