package almanac.core.judgement.need;

import static almanac.core.words.Sentence.say;

import almanac.core.inspection.Breakage;
import almanac.core.inspection.Fix;
import almanac.core.inspection.Items;
import almanac.core.inspection.Wound;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.reason.NoReason;
import almanac.core.kinds.Branching;
import almanac.core.kinds.Trait;

/** What is found broken. Rules: Breakage. */
final class BreakageNeeds {
  private BreakageNeeds() {}

  static void weigh(Evidence evidence, Weighing weighing) {
    var broken = evidence.fresh(Items.BREAKAGE);
    if (broken.saw(Breakage.TIPS_CHEWED)) {
      weighing.need(
          NeedFigures.CHEWED,
          Items.BREAKAGE,
          say("New root tips are chewed off: something lives in the pot"));
    }
    if (evidence.leadSnappedOn().isPresent()) {
      weighing.care(
          Fix.DRESS_LEAD, say("Keep the wound dry and dress it; look for an eye that swells"));
      if (broken.saw(Breakage.ONLY_LEAD_SNAPPED)) {
        weighing.care(
            Fix.LAST_CHANCE,
            say("Last chance: a firm back bulb with an eye, kept warm and just damp"));
      }
    } else if (evidence.fresh(Items.WOUND).saw(Wound.WET)) {
      weighing.care(Fix.DRESS, say("Let the wound dry and dress it before it is watered again"));
    }
    if (broken.saw(Breakage.BULB_LOOSE)) {
      weighing.leftTillMoved(
          say("Leave the loose bulb in its place; it comes off at the next move"));
    }
    if (broken.saw(Breakage.LONG_ROOT)) {
      weighing.noReason(
          NoReason.BROKEN_ROOT,
          Items.BREAKAGE,
          evidence.kind().of(Trait.BRANCHING) == Branching.NO
              ? say("A broken long root of this kind is lost; it is no reason to disturb the rest")
              : say("A broken long root puts out side roots in three to five weeks"));
    }
    if (broken.saw(Breakage.LEAF_OR_SPIKE)) {
      weighing.noReason(
          NoReason.BROKEN_LEAF,
          Items.BREAKAGE,
          say("A broken leaf or spike is written down, no more"));
    }
  }
}
