package almanac.core.treatments;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** Figures of courses against pests and rot. */
public final class TreatmentFigures {
  public static final FigureGroup GROUP = new FigureGroup("treat", "Treatments");

  public static final Figure LOOK_STEP =
      GROUP.days("look-step-days", 7, "A week is a generation of the quickest");
  public static final Figure CLEAN =
      GROUP.figure(
          "clean-looks", 3, Unit.TIMES, 1, 10, "Three clean looks in a row are no accident");
  public static final Figure SLACK =
      GROUP.days("slack-days", 2, "A look two days early or late serves as well");
  public static final Figure NEIGHBOURS =
      GROUP.figure(
          "neighbours",
          2,
          Unit.TIMES,
          0,
          20,
          "What crawls gets as far as leaves touch: two pots to either side");
  public static final Figure TOO_OFTEN =
      GROUP.figure(
          "begun-anew-too-often",
          2,
          Unit.TIMES,
          1,
          10,
          "What twice did not help will not help the third time: ask for another cure");

  static {
    GROUP.inOrder(SLACK, LOOK_STEP);
  }

  private TreatmentFigures() {}
}
