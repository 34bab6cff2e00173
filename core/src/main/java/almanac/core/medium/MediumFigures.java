package almanac.core.medium;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** Figures of the medium's clock; the lives of the components stand with the components. */
public final class MediumFigures {
  public static final FigureGroup GROUP = new FigureGroup("medium", "The medium's clock");

  /** How long each component lasts; written down with the components. */
  public static final FigureGroup LIVES =
      new FigureGroup("medium.life", "How long each component lasts at 20 °C, watered when dry");

  /** How much faster a wetter medium is used up; written down with the moistures. */
  public static final FigureGroup MOISTURES =
      new FigureGroup(
          "medium.moisture", "How much faster a medium is used up, by how wet it is kept");

  public static final Figure Q10 =
      GROUP.figure("q10", 2, Unit.TIMES, 1, 4, "Decay doubles with every 10 °C");
  public static final Figure LIFE_TEMPERATURE =
      GROUP.figure(
          "life-temperature", 20, Unit.DEGREES, 5, 35, "The lives are given for a warm room");
  public static final Figure GOVERNING_SHARE =
      GROUP.figure(
          "governing-share",
          25,
          Unit.PERCENT,
          1,
          100,
          "A quarter of the volume gone soft closes the gaps of the whole mix");
  public static final Figure DEAD_ROOTS_PACE =
      GROUP.figure(
          "dead-roots-pace",
          1.25,
          Unit.TIMES,
          1,
          4,
          "Dead roots decay in the medium and spoil it a quarter sooner");
  public static final Figure MATURE =
      percent("mature", 50, "Half used: it begins to hold more water than it did");
  public static final Figure DUE =
      percent("due", 80, "The last fifth goes fast; the next window should be used");
  public static final Figure SPENT =
      percent("spent", 100, "Used up: it smothers roots when watered as before");
  public static final Figure KEEPS_SHAPE_MOST =
      percent("piece.keeps-shape-most", 50, "What is felt outranks the calendar: still sound");
  public static final Figure DENTS_LEAST =
      percent("piece.dents-least", 50, "A piece that dents has begun to go");
  public static final Figure DENTS_MOST =
      percent("piece.dents-most", 80, "A piece that only dents is not used up");
  public static final Figure TEARS_LEAST =
      percent("piece.tears-least", 100, "A piece torn by hand has no structure left");
  public static final Figure MUSH_LEAST =
      percent("piece.mush-least", 130, "Mush holds no air at all");

  public static final Figure WOODY_MOST =
      percent("smell.woody-most", 80, "What smells of wood has not turned");
  public static final Figure SOUR_LEAST =
      percent("smell.sour-least", 100, "A sour smell means that air no longer reaches it");
  public static final Figure ROTTEN_LEAST =
      percent("smell.rotten-least", 120, "A rotten smell means that roots rot in it");
  public static final Figure WATER_STANDS_LEAST =
      percent("water-stands-least", 100, "Where water stands the gaps have closed");
  public static final Figure SLOW_TO_DRY =
      GROUP.figure(
          "slow-to-dry", 1.5, Unit.TIMES, 1.1, 5, "Half as long again is more than weather does");
  public static final Figure DRY_TOGETHER =
      GROUP.days("dry-together", 45, "Readings of six weeks are of one weather");
  public static final Figure DRY_APART =
      GROUP.days("dry-apart", 2, "Two readings of one day are one reading");
  public static final Figure DRY_SEASON =
      GROUP.days("dry-season", 60, "July dries twice as fast as January: two months are a season");
  public static final Figure SLOW_LEAST =
      percent("slow-to-dry-least", 90, "A medium that holds water so much longer is nearly gone");
  public static final Figure PH_DROP =
      GROUP.figure(
          "ph-drop", 0.5, Unit.PH, 0.1, 3, "Decay makes acids; half a unit shows in the water");
  public static final Figure PH_LEAST = percent("ph-drop-least", 80, "A drop of half a unit: due");
  public static final Figure PH_DROP_LARGE =
      GROUP.figure("ph-drop-large", 1, Unit.PH, 0.2, 4, "A whole unit is ten times as sour");
  public static final Figure PH_LARGE_LEAST =
      percent("ph-drop-large-least", 100, "A drop of a whole unit: spent");

  static {
    GROUP.inOrder(MATURE, DUE, SPENT);
    GROUP.inOrder(DENTS_LEAST, DENTS_MOST);
    GROUP.inOrder(PH_DROP, PH_DROP_LARGE);
  }

  private MediumFigures() {}

  private static Figure percent(String name, double value, String reason) {
    return GROUP.figure(name, value, Unit.PERCENT, 0, 300, reason);
  }
}
