package almanac.core.season;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** Figures of the season. */
public final class SeasonFigures {
  public static final FigureGroup GROUP = new FigureGroup("season", "Season and conditions");

  public static final Figure LEAST_LIGHT =
      GROUP.figure("least-light", 12, Unit.HOURS, 6, 18, "With so much light a move costs nothing");
  public static final Figure NO_LIGHT =
      GROUP.figure(
          "no-light",
          10,
          Unit.HOURS,
          4,
          18,
          "With less a moved plant can hardly make roots: the whole loss, straight between");
  public static final Figure GATE =
      GROUP.figure(
          "gate",
          11,
          Unit.HOURS,
          4,
          18,
          "Under so much light what can wait, waits: nothing is divided or taken apart");
  public static final Figure LAMP_HOURS =
      GROUP.figure(
          "lamp-hours",
          14,
          Unit.HOURS,
          1,
          24,
          "A place under lamps of which nobody says more has them on for so long a day");
  public static final Figure WARM_FROM =
      GROUP.figure(
          "warm-from",
          25,
          Unit.PERCENT,
          0,
          100,
          "A quarter of the way from its coldest night to its hottest day is warm for a kind");
  public static final Figure WARM_AND_GROWING =
      GROUP.figure(
          "warm-and-growing",
          50,
          Unit.PERCENT,
          0,
          100,
          "Where it is warm and tips are seen growing, short days cost half");
  public static final Figure TIPS_SEEN =
      GROUP.figure(
          "tips-seen",
          14,
          Unit.DAYS,
          1,
          60,
          "Tips that were seen growing within a fortnight are growing");
  public static final Figure DARK =
      GROUP.figure(
          "dark",
          8,
          Unit.HOURS,
          0,
          16,
          "With so little light a root grows as slowly as it ever does");
  public static final Figure DARK_PACE =
      GROUP.figure(
          "dark-pace",
          50,
          Unit.PERCENT,
          5,
          100,
          "Roots live on what leaves make: in the dark weeks half, straight between");
  public static final Figure COLD_HALVES =
      GROUP.figure(
          "cold-halves",
          10,
          Unit.DEGREES,
          3,
          30,
          "Growth halves with ten degrees under the middle of what its kind likes");
  public static final Figure SLOWEST_PACE =
      GROUP.figure(
          "slowest-pace",
          15,
          Unit.PERCENT,
          1,
          100,
          "A tip that is alive always moves a little, so that a forecast stays a date");

  public static final Figure USUAL_WINTER =
      GROUP.figure(
          "usual-winter",
          16,
          Unit.DEGREES,
          -10,
          40,
          "A heated room's sill in the coldest month, where nobody has measured");
  public static final Figure USUAL_SUMMER =
      GROUP.figure(
          "usual-summer",
          24,
          Unit.DEGREES,
          -10,
          50,
          "The same sill in the warmest month, where nobody has measured");

  static {
    GROUP.inOrder(NO_LIGHT, GATE, LEAST_LIGHT);
    GROUP.inOrder(DARK, LEAST_LIGHT);
  }

  private SeasonFigures() {}
}
