package almanac.core.judgement.compare;

import almanac.core.inspection.LookSpot;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.words.Sentence;
import java.util.List;

/**
 * A look that may change the verdict.
 *
 * @param spot where to look
 * @param outcomes how many answers it can have
 * @param changes to what each answer that matters would change the verdict
 * @param words what to do and what follows, as a grower says it
 */
public record DecidingLook(LookSpot spot, int outcomes, List<Change> changes, Sentence words) {

  /** One answer and the verdict that would follow. */
  public record Change(String answer, Verdict verdict) {}
}
