package almanac.core.taught;

import almanac.core.history.Approach;
import almanac.core.judgement.verdict.Asks;
import almanac.core.judgement.verdict.Judgement;

/**
 * What the slip of a plant asked for on the day it was moved, by what was known until then. Rules:
 * What came of it.
 *
 * @param approach by which it was judged
 */
public record SlipThen(Asks asked, Approach approach) {
  /** What a judgement asked for. */
  public static SlipThen of(Judgement judged) {
    return new SlipThen(judged.verdict().asks(), judged.approach());
  }

  /** Whether it asked for the move. */
  boolean askedForIt() {
    return asked == Asks.MOVE || asked == Asks.DIVIDE;
  }

  /** As part of a sentence. */
  public String words() {
    return switch (asked) {
      case LEAVE -> "its slip said: leave it";
      case WAIT -> "its slip said: wait";
      case MOVE, DIVIDE -> "its slip asked for it";
      case LET_GO -> "its slip said: let it go";
    };
  }
}
