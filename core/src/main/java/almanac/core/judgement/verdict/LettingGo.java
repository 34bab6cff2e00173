package almanac.core.judgement.verdict;

import static almanac.core.words.Sentence.say;

import almanac.core.inspection.Bulbs;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Pests;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.reason.Basis;
import almanac.core.judgement.reason.Reason;
import java.util.Optional;

/** When nothing is left to save. Rules: From need to verdict. */
final class LettingGo {
  private LettingGo() {}

  /** Why to let it go, with the last chance; nothing if there is something to save. */
  static Optional<Reason> because(Evidence evidence) {
    if (evidence.look(Items.ROT).saw(Rot.WILT_THROUGH)) {
      return because(
          evidence,
          Items.ROT,
          "The ring goes right through the rhizome: out of the house, blade and pot sterilised.");
    }
    if (evidence.look(Items.ROT).saw(Rot.VIRUS_CERTAIN)) {
      return because(
          evidence, Items.ROT, "A virus has no cure, and every blade carries it on: let it go.");
    }
    if (evidence.look(Items.PESTS).saw(Pests.BEYOND_CURE)) {
      return because(
          evidence,
          Items.PESTS,
          "Its pests come back after every cure and reach the others: let it go.");
    }
    var roots = evidence.look(Items.ROOTS_IN_POT);
    boolean noRoot = roots.saw(RootsInPot.NONE) || roots.saw(RootsInPot.MOSTLY_SOFT);
    boolean noGrowth = evidence.look(Items.GROWTH).saw(GrowthStage.NONE);
    boolean noBulb = evidence.look(Items.BULBS).saw(Bulbs.SHRIVELLED);
    return !evidence.rest().keptDry() && noRoot && noGrowth && noBulb
        ? because(
            evidence,
            Items.GROWTH,
            "No live root, no live growth. Last chance: a firm back bulb with an eye, in damp"
                + " moss.")
        : Optional.empty();
  }

  private static Optional<Reason> because(Evidence evidence, Item<?> seen, String sentence) {
    return Optional.of(
        new Reason(
            Basis.Bare.GIVEN_UP,
            Reason.Side.FOR,
            say(sentence),
            0,
            evidence.seenAt(seen, Lead.FIRST)));
  }
}
