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
import almanac.core.words.Sentence;
import java.util.Optional;

/** When nothing is left to save. Rules: From need to verdict. */
final class LettingGo {
  private LettingGo() {}

  /**
   * Why it is let go, and what is done then.
   *
   * @param advice what is done, the last chance first
   */
  record Given(Reason reason, Sentence advice) {}

  /** Nothing if there is something to save. */
  static Optional<Given> up(Evidence evidence) {
    if (evidence.look(Items.ROT).saw(Rot.WILT_THROUGH)) {
      return given(
          evidence,
          Items.ROT,
          "The ring goes right through the rhizome",
          "Let it go: out of the house, blade and pot sterilised.");
    }
    if (evidence.look(Items.ROT).saw(Rot.VIRUS_CERTAIN)) {
      return given(
          evidence,
          Items.ROT,
          "A virus has no cure, and every blade carries it on",
          "Let it go, before a blade carries it to the others.");
    }
    if (evidence.look(Items.PESTS).saw(Pests.BEYOND_CURE)) {
      return given(
          evidence,
          Items.PESTS,
          "Its pests come back after every cure",
          "Let it go, before they reach the others.");
    }
    var roots = evidence.look(Items.ROOTS_IN_POT);
    boolean noRoot = roots.saw(RootsInPot.NONE) || roots.saw(RootsInPot.MOSTLY_SOFT);
    boolean noGrowth = evidence.look(Items.GROWTH).saw(GrowthStage.NONE);
    boolean noBulb = evidence.look(Items.BULBS).saw(Bulbs.SHRIVELLED);
    return !evidence.rest().keptDry() && noRoot && noGrowth && noBulb
        ? given(
            evidence,
            Items.GROWTH,
            "No live root and no live growth are left",
            "Last chance before it goes: a firm back bulb with an eye, in damp moss.")
        : Optional.empty();
  }

  private static Optional<Given> given(
      Evidence evidence, Item<?> seen, String because, String advice) {
    var reason =
        new Reason(
            Basis.Bare.GIVEN_UP,
            Reason.Side.FOR,
            say(because),
            0,
            evidence.seenAt(seen, Lead.FIRST));
    return Optional.of(new Given(reason, say(advice)));
  }
}
