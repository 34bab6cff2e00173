package almanac.core.trainer;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;
import java.util.List;

/** When a case is asked again, and which days of the past make a case. */
public final class TrainerFigures {
  public static final FigureGroup GROUP = new FigureGroup("trainer", "The trainer");

  public static final Figure FIRST =
      GROUP.days("first", 1, "What was misjudged is asked again once it was slept over");
  public static final Figure SECOND =
      GROUP.days(
          "second", 3, "Right after a night may be remembered; after three it begins to sit");
  public static final Figure THIRD =
      GROUP.days("third", 8, "A week later the case itself is forgotten, and its reason is not");
  public static final Figure FOURTH =
      GROUP.days("fourth", 21, "What is right after three weeks is known");
  public static final Figure KNOWS =
      GROUP.days("knows", 14, "What was looked at a fortnight later was hardly otherwise before");
  public static final Figure PAST =
      GROUP.days("past", 365, "Looks of the year before a move say why it came");
  public static final Figure SITTING =
      GROUP.figure("sitting", 10, Unit.PLANTS, 3, 60, "Ten cases take five minutes");

  /** The days until a case is asked again: after a mistake, and after each right answer since. */
  static final List<Figure> AGAIN = List.of(FIRST, SECOND, THIRD, FOURTH);

  static {
    GROUP.inOrder(FIRST, SECOND, THIRD, FOURTH);
  }

  private TrainerFigures() {}
}
