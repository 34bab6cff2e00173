package almanac.core.judgement.compare;

import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Verdict;
import java.util.List;

/**
 * One plant by each of the four approaches.
 *
 * @param by in their order
 */
public record JudgedApart(List<Comparison> by) {
  /** Whether they ask for different things; how something is done they may see otherwise. */
  public boolean apart() {
    return asked() > 1;
  }

  /** How many different things they ask for, from 1. */
  public long asked() {
    return by.stream()
        .map(Comparison::judgement)
        .map(Judgement::verdict)
        .map(Verdict::asks)
        .distinct()
        .count();
  }
}
