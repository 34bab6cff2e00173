package almanac.core.judgement.figures;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;
import almanac.core.judgement.reason.Need;
import almanac.core.judgement.reason.Need.Matter;
import almanac.core.medium.MediumFigures;

/** How much each reason to move counts. Points add up; 100 is the most. */
public final class NeedFigures {
  public static final FigureGroup GROUP = new FigureGroup("need", "Needs");

  public static final Need MEDIUM_DUE =
      need(Matter.AGE, "medium-due", 25, "Due medium is a reason to use the next good window");
  public static final Need MEDIUM_SPENT =
      need(Matter.AGE, "medium-spent", 45, "Spent medium holds water where the roots want air");
  public static final Need MEDIUM_GONE =
      need(Matter.AGE, "medium-gone", 60, "Medium long past its life kills roots by itself");
  public static final Figure GONE_AT =
      GROUP.figure(
          "medium-gone-at", 130, Unit.PERCENT, 101, 300, "A third past its life it has collapsed");
  public static final Need ROOTS_MIXED =
      need(
          Matter.MEDIUM,
          "roots-mixed",
          15,
          "Some soft roots show that the medium has begun to turn");
  public static final Need WOBBLE =
      need(Matter.PLACE, "wobble", 8, "A slight wobble may only want a stake");
  public static final Need LOOSE =
      need(Matter.SUSPICION, "loose", 25, "A loose plant has few roots, or they have let go");
  public static final Need LEANING =
      need(Matter.PLACE, "leaning", 25, "A leaning plant breaks its new roots as it moves");
  public static final Need SOUR =
      need(Matter.MEDIUM, "sour", 20, "A sour medium lacks air already");
  public static final Need OVER_RIM =
      need(Matter.PLACE, "lead-over-rim", 35, "Roots of a lead beyond the rim grow in air");
  public static final Need RIM_HALF_SEASON =
      need(Matter.PLACE, "rim-half-season", 25, "The next growth will stand at the rim");
  public static final Need RIM_SEASON =
      need(Matter.PLACE, "rim-season", 12, "The rim is reached within the season");
  public static final Need JAMMED =
      need(Matter.PLACE, "jammed", 45, "A growth that cannot move on deforms or rots");
  public static final Need ROOTS_IN_AIR =
      need(
          Matter.PLACE, "roots-in-air", 30, "Roots that dry before they reach the medium are lost");
  public static final Need RISEN =
      need(Matter.PLACE, "risen", 15, "A risen base starts its roots above the medium");
  public static final Need RISEN_HIGH =
      need(Matter.PLACE, "risen-high", 25, "So high, the new roots hardly get in");
  public static final Figure RISEN_MM =
      GROUP.figure("risen-mm", 10, Unit.MM, 1, 100, "A finger's breadth; slippers count double");
  public static final Figure RISEN_HIGH_MM =
      GROUP.figure("risen-high-mm", 20, Unit.MM, 2, 200, "Two fingers; slippers count double");
  public static final Need SMALLER =
      need(
          Matter.OTHER,
          "smaller",
          15,
          "A newest growth that small says that something is wrong below");
  public static final Figure SMALLER_RATIO =
      GROUP.figure(
          "smaller-ratio", 85, Unit.PERCENT, 10, 100, "Less than this is more than a poor summer");
  public static final Need SMALLER_TWICE =
      need(Matter.SUSPICION, "smaller-twice", 25, "Two in a row are no accident");
  public static final Need DRY_IN_WET =
      need(
          Matter.SUSPICION,
          "dry-in-wet",
          25,
          "Wrinkled in a wet medium: the roots no longer drink");
  public static final Need SLOW_TO_DRY =
      need(Matter.OTHER, "slow-to-dry", 15, "A medium that stays wet longer is closing up");
  public static final Need FAST_TO_DRY =
      need(
          Matter.PLACE,
          "fast-to-dry",
          8,
          "Dry in half the time: little medium left between the roots");
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
  public static final Need NO_BUBBLES =
      need(
          Matter.SUSPICION,
          "no-bubbles",
          20,
          "No air left among the roots; slippers always keep some");
  public static final Need FAR_TOO_LARGE =
      need(Matter.OTHER, "pot-far-too-large", 20, "Few roots cannot dry a large pot");
  public static final Need POT_BROKEN =
      need(Matter.PLACE, "pot-broken", 15, "A brittle pot breaks when it is lifted");
  public static final Need WANTED_APART =
      need(Matter.OTHER, "wanted-apart", 10, "Every year they grow further into each other");
  public static final Need OUT_OF_HOLES =
      need(Matter.PLACE, "out-of-holes", 5, "It fills the pot and looks for more");
  public static final Need CROWDED =
      need(Matter.PLACE, "crowded", 5, "A crowded epiphyte only wants water more often");
  public static final Need CROWDED_TERRESTRIAL =
      need(
          Matter.PLACE,
          "crowded-terrestrial",
          10,
          "Semi-terrestrials live from the medium about them");
  public static final Need WEEDS =
      need(Matter.PLACE, "weeds", 5, "Weeds root in a medium that holds water");
  public static final Need START_OF_GROWTH =
      need(
          Matter.OTHER,
          "start-of-growth",
          60,
          "Deciduous kinds are moved every year as growth starts");
  public static final Figure THIS_YEAR_DAYS =
      GROUP.days("moved-this-year-days", 270, "Moved within nine months is moved for this growth");
  public static final Need DOUBTFUL_MEDIUM =
      need(
          Matter.MEDIUM,
          "doubtful-medium",
          50,
          "Fresh start: plugs, fibre and basket moss turn in the pot");
  public static final Need UNSUITED =
      need(
          Matter.MEDIUM,
          "unsuited",
          15,
          "A medium against its kind shows on the leaves or in the can");
  public static final Figure THIRSTY_DAYS =
      GROUP.figure(
          "thirsty-days",
          2,
          Unit.DAYS,
          1,
          14,
          "A kind that is kept moist cannot be watered more often than every other day");
  public static final Figure MOST_SALTS =
      GROUP.figure(
          "most-salts",
          1.5,
          Unit.MS_PER_CM,
          0.3,
          5,
          "Feed at full strength for roots on bark has about one; half as much again has piled up");
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
  public static final Need NEARS_THE_RIM =
      need(
          Matter.PLACE,
          "nears-the-rim",
          25,
          "Undisturbed roots: whoever moves balls whole does so before the rim is reached");
  public static final Need CHEWED =
      need(Matter.SUSPICION, "chewed", 25, "Chewed tips: something lives in the pot");
  public static final Need WANTED_DIVIDED =
      need(
          Matter.OTHER,
          "wanted-divided",
          25,
          "Sound parts at a good moment, and the collector wants them: reason enough");
  public static final Need UNKNOWN_POT =
      need(
          Matter.OTHER,
          "came-in-an-unknown-pot",
          25,
          "What a new plant stands in nobody knows; roots that grow now make it the moment");
  public static final Need WATER_STANDS =
      need(
          Matter.SUSPICION,
          "water-stands",
          30,
          "Water that does not sink stands among the roots too: nobody knows how they fare");
  public static final Need SALTS =
      need(
          Matter.MEDIUM,
          "salts",
          20,
          "A crust and dead tips, or a reading over the limit: flushing alone comes too late");
  public static final Figure MOST = GROUP.points("most", 100, "Needs add up to this at the most");

  static {
    GROUP.inOrder(MediumFigures.SPENT, GONE_AT);
    GROUP.inOrder(RISEN_MM, RISEN_HIGH_MM);
  }

  private NeedFigures() {}

  private static Need need(Matter matter, String name, double points, String reason) {
    return new Need(GROUP.points(name, points, reason), matter);
  }
}
