package almanac.core.holding;

import static almanac.core.words.Sentence.say;

import almanac.core.judgement.Judgement;
import almanac.core.judgement.Verdict;
import almanac.core.words.Sentence;

/**
 * Whether a plant that has just come is repotted now or held in the pot it came in. Rules: Holding
 * and keeping apart.
 *
 * @param choice what is best
 * @param because why
 */
public record NowOrHold(Choice choice, Sentence because) {
  /** What can be done with a new plant. */
  public enum Choice {
    /** Nobody knows enough yet. */
    LOOK_FIRST,
    /** Its roots and conditions carry a move, or it is in danger. */
    REPOT_NOW,
    /** It stays in the pot it came in until it can take a move. */
    HOLD,
    /** It is not worth the danger to the others. */
    NEITHER
  }

  /**
   * @param judged the plant as it is judged today
   * @param lookedAt whether it was looked at since it came
   */
  public static NowOrHold of(Judgement judged, boolean lookedAt) {
    if (!lookedAt) {
      return new NowOrHold(
          Choice.LOOK_FIRST,
          say("Look it over first: its newest roots, its medium and pests decide."));
    }
    return new NowOrHold(choice(judged.verdict()), judged.advice());
  }

  private static Choice choice(Verdict verdict) {
    return switch (verdict) {
      case RESCUE, MOVE_UP, PART_REPOT, FULL_REPOT, DIVIDE -> Choice.REPOT_NOW;
      case LIFT_AND_LOOK -> Choice.LOOK_FIRST;
      case WAIT_FOR, LEAVE, WATCH, ADJUST_CARE -> Choice.HOLD;
      case LET_GO -> Choice.NEITHER;
    };
  }
}
