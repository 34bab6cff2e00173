package almanac.core.holding;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** Figures of holding a plant in the pot it came in, and of keeping it apart. */
public final class HoldingFigures {
  public static final FigureGroup GROUP = new FigureGroup("hold", "Holding and keeping apart");

  public static final Figure SOAK_MINUTES =
      GROUP.figure(
          "soak-minutes", 60, Unit.MINUTES, 5, 240, "An hour until the medium has told the water");
  public static final Figure AS_USUAL_FROM =
      ph("as-usual-from", 6.5, "Soak water this sweet: the medium does no harm yet");
  public static final Figure RAISED_FROM =
      ph("raised-from", 6.0, "Between this and the usual the feed makes up for the medium");
  public static final Figure FEED_RAISED =
      ph("feed-raised", 7.0, "Feed and flush a little over neutral");
  public static final Figure FEED_HIGH =
      ph("feed-high", 7.2, "As far over neutral as does any good");
  public static final Figure FEED_MOST =
      ph("feed-most", 7.5, "Never above this: roots take nothing up any more");
  public static final Figure AGAIN =
      GROUP.days("again-days", 30, "A medium changes within a month, not within a week");
  public static final Figure AGAIN_SOUR =
      GROUP.days("again-sour-days", 14, "A sour medium is read again in a fortnight");
  public static final Figure STILL_FALLS =
      GROUP.figure("still-falls", 0.2, Unit.PH, 0.05, 1, "Less is the pen and not the medium");
  public static final Figure SOAK_SLACK =
      GROUP.days("soak-slack-days", 3, "A soak some days early or late tells the same");
  public static final Figure APART_FIRST =
      GROUP.days("apart-first-day", 3, "What came in with it shows on the third day");
  public static final Figure APART_SECOND =
      GROUP.days("apart-second-day", 10, "Eggs that were there have hatched by now");
  public static final Figure APART_THIRD =
      GROUP.days("apart-third-day", 17, "A week later their young can be seen");
  public static final Figure APART_DAYS =
      GROUP.days("apart-days", 28, "Pests show themselves within four weeks");
  public static final Figure APART_SLACK =
      GROUP.days("apart-slack-days", 2, "A look two days early or late serves as well");
  public static final Figure APART_STEP =
      GROUP.days("apart-step-days", 7, "A week is a generation of the quickest");
  public static final Figure APART_CLEAN =
      GROUP.figure(
          "apart-clean-looks", 3, Unit.TIMES, 1, 10, "Three clean looks in a row are no accident");

  static {
    GROUP.inOrder(RAISED_FROM, AS_USUAL_FROM);
    GROUP.inOrder(FEED_RAISED, FEED_HIGH, FEED_MOST);
    GROUP.inOrder(APART_FIRST, APART_SECOND, APART_THIRD, APART_DAYS);
  }

  private HoldingFigures() {}

  private static Figure ph(String name, double value, String reason) {
    return GROUP.figure(name, value, Unit.PH, 4, 9, reason);
  }
}
