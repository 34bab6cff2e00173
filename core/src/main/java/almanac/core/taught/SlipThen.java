package almanac.core.taught;

import almanac.core.history.Approach;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Verdict;

/**
 * What the slip of a plant said on the day it was moved, by what was known until then. Rules: What
 * came of it.
 *
 * @param approach by which it was judged
 */
public record SlipThen(Said said, Approach approach) {
  /** What it asked for. */
  public enum Said {
    MOVE("its slip asked for it"),
    WAIT("its slip said: wait"),
    LEAVE("its slip said: leave it"),
    LET_GO("its slip said: let it go");

    private final String words;

    Said(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** What a judgement asked for. */
  public static SlipThen of(Judgement judged) {
    return new SlipThen(said(judged.verdict()), judged.approach());
  }

  private static Said said(Verdict verdict) {
    return switch (verdict) {
      case LEAVE, WATCH, ADJUST_CARE -> Said.LEAVE;
      case WAIT_FOR -> Said.WAIT;
      case LET_GO -> Said.LET_GO;
      case LIFT_AND_LOOK, MOVE_UP, PART_REPOT, FULL_REPOT, DIVIDE, RESCUE -> Said.MOVE;
    };
  }
}
