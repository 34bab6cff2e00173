package almanac.core.judgement.need;

import static almanac.core.words.Sentence.say;

import almanac.core.history.Approach;
import almanac.core.inspection.Item;
import almanac.core.inspection.Plug;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Wetness;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.medium.Component;
import almanac.core.medium.MediumFigures;
import java.util.Optional;

/**
 * Fresh start: what growers pot in for the trade goes, unless the roots in it turn out excellent.
 * Rules: Approaches.
 */
final class DoubtfulMedium {
  private DoubtfulMedium() {}

  static void weigh(Evidence evidence, Weighing weighing) {
    if (evidence.approach() == Approach.FRESH_START && doubtful(evidence) && !excellent(evidence)) {
      weighing.need(
          NeedFigures.DOUBTFUL_MEDIUM,
          say("It stands in a doubtful medium and should leave it"),
          Optional.empty());
    }
  }

  private static boolean doubtful(Evidence evidence) {
    var mix = evidence.situation().history().potting().mix();
    double least = evidence.figures().of(MediumFigures.GOVERNING_SHARE) / 100;
    boolean sodden =
        mix.share(Component.SPHAGNUM_BEST) >= least
            && evidence.fresh(Item.WETNESS).saw(Wetness.WET);
    return mix.share(Component.COCONUT_FIBRE) >= least
        || mix.share(Component.SPHAGNUM_BASKET) >= least
        || sodden
        || evidence.look(Item.PLUG).saw(Plug.SOUND);
  }

  private static boolean excellent(Evidence evidence) {
    var roots = evidence.look(Item.ROOTS_IN_POT);
    return roots.saw(RootsInPot.FIRM) || roots.saw(RootsInPot.DARK_FIRM);
  }
}
