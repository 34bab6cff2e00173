package almanac.core.inspection;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;

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
  public static final Figure MEDIUM =
      GROUP.days("medium", 120, "Bark changes under the fingers within a season");
  public static final Figure ROOTS_IN_POT =
      GROUP.days("roots-in-pot", 120, "Roots in a medium that turns can go within a season");
  public static final Figure PESTS =
      GROUP.days("pests", 30, "Pests and rot are through a generation within a month");
  public static final Figure ABOVE =
      GROUP.days("above", 30, "Leaves and bulbs lose or regain their water within a month");
  public static final Figure GROWTH =
      GROUP.days("growth", 30, "A growth passes from one stage to the next within a month");
  public static final Figure SIZE = GROUP.days("size", 365, "Growths are compared once a year");
  public static final Figure RIM =
      GROUP.days("rim", 120, "A lead goes a third of its step within a season");
  public static final Figure SURFACE =
      GROUP.days("surface", 90, "The surface sinks and greens over within a season");
  public static final Figure WETNESS =
      GROUP.days("wetness", 2, "How wet it is today says nothing of next week");
  public static final Figure BREAKAGE =
      GROUP.days("breakage", 120, "What broke is mended or mourned within a season");
  public static final Figure POT =
      GROUP.days("pot", 365, "A pot lasts; it is looked over once a year");

  private InspectionFigures() {}
}
