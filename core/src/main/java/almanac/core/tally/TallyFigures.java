package almanac.core.tally;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** Where a loss of roots turns from one class into the next, and what it asks for. */
public final class TallyFigures {
  public static final FigureGroup GROUP = new FigureGroup("tally", "Root tally");

  public static final Figure LIGHT_BELOW =
      GROUP.figure(
          "light-below", 15, Unit.PERCENT, 1, 100, "Every move costs a few roots; so few are free");
  public static final Figure MODERATE_MOST =
      GROUP.figure(
          "moderate-most", 40, Unit.PERCENT, 1, 100, "With more than half left it hardly stops");
  public static final Figure HEAVY_MOST =
      GROUP.figure(
          "heavy-most", 70, Unit.PERCENT, 1, 100, "With less than a third left it lives on stores");
  public static final Figure FEW_ROOTS =
      GROUP.figure("few-roots", 2, Unit.ROOTS, 0, 20, "On two roots a plant drinks nearly nothing");
  public static final Figure MUCH_DEAD =
      GROUP.figure("much-dead", 50, Unit.PERCENT, 1, 100, "Half the roots drink half the water");
  public static final Figure FEED_AFTER_LIGHT =
      GROUP.days("feed-after-light", 7, "Small wounds close in a week; feed would burn them");
  public static final Figure FEED_AFTER_MODERATE =
      GROUP.days("feed-after-moderate", 14, "Half the wounds, twice the time");
  public static final Figure FEED_AFTER_HEAVY =
      GROUP.days("feed-after-heavy", 28, "Without roots feed only salts the medium");
  public static final Figure NURSED_EVERY =
      GROUP.days("nursed-every", 7, "A plant without roots can go limp within a week");
  public static final Figure NURSED_FOR =
      GROUP.days("nursed-for", 42, "After six weeks new tips feed it, or it is too late");

  static {
    GROUP.inOrder(LIGHT_BELOW, MODERATE_MOST, HEAVY_MOST);
    GROUP.inOrder(FEED_AFTER_LIGHT, FEED_AFTER_MODERATE, FEED_AFTER_HEAVY);
    GROUP.inOrder(NURSED_EVERY, NURSED_FOR);
  }

  private TallyFigures() {}
}
