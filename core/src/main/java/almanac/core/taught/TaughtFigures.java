package almanac.core.taught;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;

/** By when what is seen after a move tells what came of it. */
public final class TaughtFigures {
  public static final FigureGroup GROUP = new FigureGroup("taught", "What came of it");

  public static final Figure SEEN_FROM =
      GROUP.days("seen-from", 7, "What is seen in the first week was so when it was moved");
  public static final Figure WRINKLES =
      GROUP.days("wrinkles", 21, "Leaves that wrinkle for three weeks drink less, and no more");
  public static final Figure HOLDS_FROM =
      GROUP.days(
          "holds-from", 60, "A plant stands firm sooner by stakes and filling than by roots");
  public static final Figure SLOW_FROM =
      GROUP.days(
          "slow-from", 80, "One flush is over by then; who has not taken hold waits for one more");
  public static final Figure BY =
      GROUP.days("by", 100, "A flush of roots and a growth fit into a hundred days");
  public static final Figure OF_THE_MOVE =
      GROUP.days("of-the-move", 200, "Later trouble is its own");
  public static final Figure STAGE_HOLDS =
      GROUP.days("stage-holds", 30, "In a month nubs have become roots");
  public static final Figure STOOD_FROM =
      GROUP.days("stood-from", 10, "A ball that stayed whole only has to stand");

  static {
    GROUP.inOrder(SEEN_FROM, WRINKLES, HOLDS_FROM, SLOW_FROM, BY, OF_THE_MOVE);
    GROUP.inOrder(STOOD_FROM, OF_THE_MOVE);
  }

  private TaughtFigures() {}
}
