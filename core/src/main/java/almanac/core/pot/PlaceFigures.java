package almanac.core.pot;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** How large a pot is right. */
public final class PlaceFigures {
  public static final FigureGroup GROUP = new FigureGroup("place", "Pot and place");

  public static final Figure MARGIN =
      GROUP.figure(
          "margin", 10, Unit.MM, 0, 50, "A growth that touches the rim finds no medium to root in");
  public static final Figure SET_TO =
      GROUP.figure("set-to", 3, Unit.MM, 0, 20, "Nobody sets a plant more finely by hand");
  public static final Figure LEAST_MONTHS =
      GROUP.figure(
          "least-months",
          12,
          Unit.MONTHS,
          1,
          60,
          "Under a year it stands at the rim again at once");
  public static final Figure WANTED_MONTHS =
      GROUP.figure(
          "wanted-months", 24, Unit.MONTHS, 1, 120, "A plant settles in one year and grows in two");
  public static final Figure ORGANIC_MOST_MONTHS =
      GROUP.figure(
          "organic-most-months",
          24,
          Unit.MONTHS,
          1,
          120,
          "Room for longer than what decays will last is medium that rots unused");
  public static final Figure WIDER_MOST =
      GROUP.figure(
          "wider-most",
          40,
          Unit.MM,
          0,
          200,
          "Two fingers all round: medium without roots stays wet and sours");
  public static final Figure THINNEST_GROWTH =
      GROUP.figure(
          "thinnest-growth", 8, Unit.MM, 1, 100, "Even a slender cane is so far across its base");
  public static final Figure STOUTEST_GROWTH =
      GROUP.figure(
          "stoutest-growth", 50, Unit.MM, 1, 200, "Few bulbs are further across than this");

  public static final Figure OWN_GROWTH_YEARS =
      GROUP.figure(
          "own-growth-years",
          2,
          Unit.YEARS,
          1,
          10,
          "One good summer says little; two years together show how fast it goes on here");
  public static final Figure SQUAT =
      GROUP.figure(
          "squat", 80, Unit.PERCENT, 20, 100, "A pan is clearly less deep than it is across");
  public static final Figure TALL =
      GROUP.figure("tall", 100, Unit.PERCENT, 80, 300, "From as deep as across a pot stands deep");

  static {
    GROUP.inOrder(SQUAT, TALL);
    GROUP.inOrder(LEAST_MONTHS, WANTED_MONTHS);
    GROUP.inOrder(THINNEST_GROWTH, STOUTEST_GROWTH);
  }

  private PlaceFigures() {}
}
