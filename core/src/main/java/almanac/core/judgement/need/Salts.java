package almanac.core.judgement.need;

import static almanac.core.words.Sentence.say;

import almanac.core.inspection.Fix;
import almanac.core.inspection.Items;
import almanac.core.inspection.RootTips;
import almanac.core.inspection.Surface;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.reason.NoReason;

/** A white crust: flushed, and a reason to move only where tips have died of it. Rules: Salts. */
final class Salts {
  private Salts() {}

  static void weigh(Evidence evidence, Weighing weighing) {
    if (!evidence.fresh(Items.SURFACE).saw(Surface.CRUST)) {
      return;
    }
    if (evidence.fresh(Items.ROOT_TIPS).saw(RootTips.STOPPED) && !evidence.rest().keptDry()) {
      weighing.need(
          NeedFigures.SALTS, Items.SURFACE, say("White crust, and its root tips have died"));
    } else {
      weighing.noReason(
          NoReason.CRUST, Items.SURFACE, say("A white crust by itself is flushed, not repotted"));
    }
    weighing.careTillMoved(Fix.FLUSH_SALTS, say("Flush the crust out with plain water"));
  }
}
