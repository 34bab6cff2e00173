package almanac.core.judgement.evidence;

import almanac.core.inspection.Items;
import almanac.core.inspection.Plug;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Wetness;
import almanac.core.medium.Component;
import almanac.core.medium.MediumFigures;

/** What growers pot in for the trade, and what turns sodden. Rules: Approaches. */
final class DoubtfulMedium {
  private DoubtfulMedium() {}

  /** Whether it stands in one, and its roots are not so good that it may stay. */
  static boolean standsIn(Evidence evidence) {
    return doubtful(evidence) && !excellent(evidence);
  }

  private static boolean doubtful(Evidence evidence) {
    var mix = evidence.situation().history().potting().mix();
    double least = evidence.figures().of(MediumFigures.GOVERNING_SHARE) / 100;
    boolean sodden =
        mix.share(Component.SPHAGNUM_BEST) >= least
            && evidence.fresh(Items.WETNESS).saw(Wetness.WET);
    return mix.share(Component.COCONUT_FIBRE) >= least
        || mix.share(Component.SPHAGNUM_BASKET) >= least
        || sodden
        || evidence.look(Items.PLUG).saw(Plug.SOUND);
  }

  private static boolean excellent(Evidence evidence) {
    var roots = evidence.look(Items.ROOTS_IN_POT);
    return roots.saw(RootsInPot.FIRM) || roots.saw(RootsInPot.DARK_FIRM);
  }
}
