package almanac.core.judgement.figures;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** What a move breaks of the new root tips. */
public final class RiskFigures {
  public static final FigureGroup GROUP = new FigureGroup("risk", "What a move breaks");

  public static final Figure INTACT =
      percent("intact", 2, "With the ball whole hardly a tip is touched");
  public static final Figure PART =
      percent("part", 10, "Where one side is opened, its tips suffer");
  public static final Figure LOOSE =
      percent("loose", 15, "Soaked moss and loose stones let go of most roots");
  public static final Figure BARK = percent("bark", 25, "Roots grip bark, and a tip in four goes");
  public static final Figure CLINGING =
      percent("clinging", 15, "Roots on the wall or through the holes are torn off it");
  public static final Figure POT_CUT =
      percent("pot-cut", 10, "A pot that is cut or broken comes off the roots, not they off it");
  public static final Figure SOAKED =
      percent("soaked", 5, "Soaked until they are supple, roots bend where they would snap");
  public static final Figure CROWDED =
      percent("crowded", 10, "In a jammed or crowded ball roots hold each other");
  public static final Figure NUB_TIMES =
      GROUP.figure("nub", 30, Unit.PERCENT, 0, 200, "A nub is short and seldom in the way");
  public static final Figure SHORT_TIMES =
      GROUP.figure("short", 100, Unit.PERCENT, 0, 200, "Short tips stand out and snap");
  public static final Figure LONG_TIMES =
      GROUP.figure("long", 130, Unit.PERCENT, 0, 300, "The longer a root, the more it catches");
  public static final Figure HARDLY =
      percent("hardly", 4, "Less than one of 25 is as good as none");

  private RiskFigures() {}

  private static Figure percent(String name, double value, String reason) {
    return GROUP.figure(name, value, Unit.PERCENT, 0, 100, reason);
  }
}
