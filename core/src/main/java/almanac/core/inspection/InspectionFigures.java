package almanac.core.inspection;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** How long a look speaks for the plant, and what can be measured at all. */
public final class InspectionFigures {
  public static final FigureGroup GROUP = new FigureGroup("look", "How long a look holds good");

  public static final Figure NEW_ROOTS_GROWING =
      GROUP.days("new-roots-growing", 14, "In growth a root passes through a stage in two weeks");
  public static final Figure NEW_ROOTS_RESTING =
      GROUP.days("new-roots-resting", 60, "At rest nothing starts for months");
  public static final Figure BLOOM =
      GROUP.days("bloom", 21, "Buds open and flowers fade within three weeks");
  public static final Figure STABILITY =
      GROUP.days("stability", 90, "A plant loosens slowly unless somebody knocks it");
  public static final Figure MEDIUM_PIECE =
      GROUP.days("medium-piece", 120, "Bark changes under the fingers within a season");
  public static final Figure ROOTS_IN_POT =
      GROUP.days("roots-in-pot", 120, "Roots in a medium that turns can go within a season");
  public static final Figure LENGTH_MOST =
      GROUP.figure(
          "length-most",
          3000,
          Unit.MM,
          100,
          10_000,
          "No root or growth on a bench is longer than 3 m");

  private InspectionFigures() {}
}
