package almanac.core.judgement.need;

import static almanac.core.words.Sentence.say;

import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.NeedFigures;
import java.util.Optional;

/**
 * Fresh start: what growers pot in for the trade goes, unless the roots in it turn out excellent.
 * Rules: Approaches.
 */
final class FreshStart {
  private FreshStart() {}

  static void weigh(Evidence evidence, Weighing weighing) {
    if (evidence.leavesADoubtfulMedium()) {
      weighing.need(
          NeedFigures.DOUBTFUL_MEDIUM,
          say("It stands in a doubtful medium and should leave it"),
          Optional.empty());
    }
  }
}
