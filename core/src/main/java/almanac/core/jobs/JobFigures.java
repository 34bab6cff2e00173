package almanac.core.jobs;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** How long things take at the bench. */
public final class JobFigures {
  public static final FigureGroup GROUP = new FigureGroup("job", "At the bench");

  public static final Figure SOAK_MINUTES =
      GROUP.figure(
          "soak", 15, Unit.MINUTES, 1, 1440, "In a quarter of an hour thin roots turn supple");
  public static final Figure SOAK_CLINGING_MINUTES =
      GROUP.figure(
          "soak-clinging", 180, Unit.MINUTES, 1, 1440, "What grips the wall lets go after hours");
  public static final Figure WOUNDS_DRY_DAYS =
      GROUP.days("wounds-dry", 3, "A wet cut rots; in two to five days it has closed");

  static {
    GROUP.inOrder(SOAK_MINUTES, SOAK_CLINGING_MINUTES);
  }

  private JobFigures() {}
}
