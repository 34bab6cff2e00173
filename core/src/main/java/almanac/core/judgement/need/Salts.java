package almanac.core.judgement.need;

import static almanac.core.words.Sentence.say;

import almanac.core.inspection.Fix;
import almanac.core.inspection.Items;
import almanac.core.inspection.RootTips;
import almanac.core.inspection.Surface;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.reason.NoReason;
import almanac.core.words.Measure;
import java.util.OptionalDouble;

/**
 * Salts that pile up are flushed, and a reason to move only where tips have died of them or where
 * more runs out than the collector allows. Rules: Salts.
 */
final class Salts {
  private final Evidence evidence;
  private final Weighing weighing;
  private final OptionalDouble tooMuch;

  private Salts(Evidence evidence, Weighing weighing) {
    this.evidence = evidence;
    this.weighing = weighing;
    var read = evidence.fresh(Items.SALTS).measured();
    double most = evidence.figures().of(NeedFigures.MOST_SALTS);
    tooMuch = read.stream().filter(value -> value > most).findFirst();
  }

  static void weigh(Evidence evidence, Weighing weighing) {
    new Salts(evidence, weighing).weigh();
  }

  private void weigh() {
    boolean crust = evidence.fresh(Items.SURFACE).saw(Surface.CRUST);
    if (tooMuch.isPresent()) {
      var read = Measure.MS_PER_CM.of(tooMuch.getAsDouble());
      weighing.need(NeedFigures.SALTS, Items.SALTS, say("Too much salt runs out of it: {}", read));
      weighing.careTillMoved(Fix.FLUSH_SALTS, say("Flush the salts out with plain water"));
    } else if (crust) {
      crust();
      weighing.careTillMoved(Fix.FLUSH_SALTS, say("Flush the crust out with plain water"));
    }
  }

  private void crust() {
    if (evidence.fresh(Items.ROOT_TIPS).saw(RootTips.STOPPED) && !evidence.rest().keptDry()) {
      weighing.need(
          NeedFigures.SALTS, Items.SURFACE, say("White crust, and its root tips have died"));
    } else {
      weighing.noReason(
          NoReason.CRUST, Items.SURFACE, say("A white crust by itself is flushed, not repotted"));
    }
  }
}
