package almanac.core.judgement;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;
import almanac.core.medium.MediumFigures;

/** How much each reason to move counts. Points add up; 100 is the most. */
public final class NeedFigures {
  public static final FigureGroup GROUP = new FigureGroup("need", "Needs");

  public static final Figure MEDIUM_DUE =
      GROUP.points("medium-due", 25, "Due medium is a reason to use the next good window");
  public static final Figure MEDIUM_SPENT =
      GROUP.points("medium-spent", 45, "Spent medium holds water where the roots want air");
  public static final Figure MEDIUM_GONE =
      GROUP.points("medium-gone", 60, "Medium long past its life kills roots by itself");
  public static final Figure GONE_AT =
      GROUP.figure(
          "medium-gone-at", 130, Unit.PERCENT, 101, 300, "A third past its life it has collapsed");
  public static final Figure ROOTS_MIXED =
      GROUP.points("roots-mixed", 15, "Some soft roots show that the medium has begun to turn");
  public static final Figure WOBBLE =
      GROUP.points("wobble", 8, "A slight wobble may only want a stake");
  public static final Figure LOOSE =
      GROUP.points("loose", 25, "A loose plant has few roots, or they have let go");
  public static final Figure LEANING =
      GROUP.points("leaning", 25, "A leaning plant breaks its new roots as it moves");
  public static final Figure SOUR = GROUP.points("sour", 20, "A sour medium lacks air already");
  public static final Figure OVER_RIM =
      GROUP.points("lead-over-rim", 35, "Roots of a lead beyond the rim grow in air");
  public static final Figure RIM_HALF_SEASON =
      GROUP.points("rim-half-season", 25, "The next growth will stand at the rim");
  public static final Figure RIM_SEASON =
      GROUP.points("rim-season", 12, "The rim is reached within the season");
  public static final Figure JAMMED =
      GROUP.points("jammed", 45, "A growth that cannot move on deforms or rots");
  public static final Figure ROOTS_IN_AIR =
      GROUP.points("roots-in-air", 30, "Roots that dry before they reach the medium are lost");
  public static final Figure RISEN =
      GROUP.points("risen", 15, "A risen base starts its roots above the medium");
  public static final Figure RISEN_HIGH =
      GROUP.points("risen-high", 25, "So high, the new roots hardly get in");
  public static final Figure RISEN_MM =
      GROUP.figure("risen-mm", 10, Unit.MM, 1, 100, "A finger's breadth; slippers count double");
  public static final Figure RISEN_HIGH_MM =
      GROUP.figure("risen-high-mm", 20, Unit.MM, 2, 200, "Two fingers; slippers count double");
  public static final Figure SMALLER =
      GROUP.points("smaller", 15, "A newest growth that small says that something is wrong below");
  public static final Figure SMALLER_RATIO =
      GROUP.figure(
          "smaller-ratio", 85, Unit.PERCENT, 10, 100, "Less than this is more than a poor summer");
  public static final Figure SMALLER_TWICE =
      GROUP.points("smaller-twice", 25, "Two in a row are no accident");
  public static final Figure DRY_IN_WET =
      GROUP.points("dry-in-wet", 25, "Wrinkled in a wet medium: the roots no longer drink");
  public static final Figure SLOW_TO_DRY =
      GROUP.points("slow-to-dry", 15, "A medium that stays wet longer is closing up");
  public static final Figure FAST_TO_DRY =
      GROUP.points("fast-to-dry", 8, "Dry in half the time: little medium left between the roots");
  public static final Figure FAST_RATIO =
      GROUP.figure("fast-ratio", 50, Unit.PERCENT, 10, 95, "Half its own time or less");
  public static final Figure LITTLE =
      GROUP.figure(
          "a-little-slow-or-fast",
          20,
          Unit.PERCENT,
          1,
          50,
          "Less than a fifth is weather, and nobody need do anything about it");
  public static final Figure NO_BUBBLES =
      GROUP.points("no-bubbles", 20, "No air left among the roots; slippers always keep some");
  public static final Figure FAR_TOO_LARGE =
      GROUP.points("pot-far-too-large", 20, "Few roots cannot dry a large pot");
  public static final Figure POT_BROKEN =
      GROUP.points("pot-broken", 15, "A brittle pot breaks when it is lifted");
  public static final Figure WANTED_APART =
      GROUP.points("wanted-apart", 10, "Every year they grow further into each other");
  public static final Figure OUT_OF_HOLES =
      GROUP.points("out-of-holes", 5, "It fills the pot and looks for more");
  public static final Figure CROWDED =
      GROUP.points("crowded", 5, "A crowded epiphyte only wants water more often");
  public static final Figure CROWDED_TERRESTRIAL =
      GROUP.points("crowded-terrestrial", 10, "Semi-terrestrials live from the medium about them");
  public static final Figure WEEDS =
      GROUP.points("weeds", 5, "Weeds root in a medium that holds water");
  public static final Figure START_OF_GROWTH =
      GROUP.points("start-of-growth", 60, "Deciduous kinds are moved every year as growth starts");
  public static final Figure THIS_YEAR_DAYS =
      GROUP.days("moved-this-year-days", 270, "Moved within nine months is moved for this growth");
  public static final Figure DOUBTFUL_MEDIUM =
      GROUP.points(
          "doubtful-medium", 50, "Fresh start: plugs, fibre and basket moss turn in the pot");
  public static final Figure UNSUITED =
      GROUP.points("unsuited", 15, "A medium against its kind shows on the leaves or in the can");
  public static final Figure THIRSTY_DAYS =
      GROUP.figure(
          "thirsty-days",
          2,
          Unit.DAYS,
          1,
          14,
          "A kind that is kept moist cannot be watered more often than every other day");
  public static final Figure PURE_MOSS =
      GROUP.figure("pure-moss", 90, Unit.PERCENT, 50, 100, "Nearly all moss is all moss");
  public static final Figure SOUR_SOAK =
      GROUP.figure(
          "sour-soak",
          6.5,
          Unit.PH,
          5,
          7.5,
          "Under this the soak water is corrected with the feed");
  public static final Figure NEARS_THE_RIM =
      GROUP.points(
          "nears-the-rim",
          25,
          "Undisturbed roots: whoever moves balls whole does so before the rim is reached");
  public static final Figure MOST = GROUP.points("most", 100, "Needs add up to this at the most");

  static {
    GROUP.inOrder(MediumFigures.SPENT, GONE_AT);
    GROUP.inOrder(RISEN_MM, RISEN_HIGH_MM);
  }

  private NeedFigures() {}
}
