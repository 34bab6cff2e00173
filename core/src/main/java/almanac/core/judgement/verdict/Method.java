package almanac.core.judgement.verdict;

import almanac.core.judgement.risk.Handling;
import almanac.core.words.Sentence;
import java.util.Set;

/**
 * How a plant is moved, and what makes it so. Rules: From need to verdict, method.
 *
 * @param verdict move up, part repot, full repot, divide or rescue
 * @param steps what is done
 * @param words the steps as a sentence
 * @param because what makes it so, as part of a sentence
 */
public record Method(Verdict verdict, Set<Step> steps, Sentence words, String because) {

  /** Whether the ball stays whole. */
  public boolean intact() {
    return steps.contains(Step.KEEP_BALL);
  }

  /** How much of the root ball is opened. */
  public Handling.Opened opened() {
    if (steps.contains(Step.KEEP_BALL)) {
      return Handling.Opened.WHOLE;
    }
    return keepsMedium() ? Handling.Opened.ONE_SIDE : Handling.Opened.ALL;
  }

  /** Whether it keeps any of the medium. */
  public boolean keepsMedium() {
    return !steps.contains(Step.MEDIUM_OFF);
  }
}
