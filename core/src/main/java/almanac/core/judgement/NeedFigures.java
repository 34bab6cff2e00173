package almanac.core.judgement;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

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
  public static final Figure MOST = GROUP.points("most", 100, "Needs add up to this at the most");

  private NeedFigures() {}
}
