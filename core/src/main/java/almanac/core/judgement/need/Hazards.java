package almanac.core.judgement.need;

import static almanac.core.words.Sentence.say;

import almanac.core.inspection.Fix;
import almanac.core.inspection.Items;
import almanac.core.inspection.PestPlace;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Plug;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.inspection.Sinking;
import almanac.core.inspection.Smell;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.reason.Hazard;
import almanac.core.judgement.reason.NoReason;
import almanac.core.kinds.Habit;
import almanac.core.kinds.Trait;
import almanac.core.medium.MediumPiece;
import almanac.core.roots.RootStage;

/** What cannot wait, whatever the bloom, season or root stage. Rules: Hazards. */
final class Hazards {
  private Hazards() {}

  static void weigh(Evidence evidence, Weighing weighing) {
    roots(evidence, weighing);
    noRoots(evidence, weighing);
    pests(evidence, weighing);
    rot(evidence, weighing);
    if (evidence.look(Items.PLUG).saw(Plug.ROTTING)) {
      weighing.hazard(
          Hazard.PLUG,
          Items.PLUG,
          say("The old plug in the middle is rotting and takes the roots with it"));
    }
  }

  private static void roots(Evidence evidence, Weighing weighing) {
    var roots = evidence.look(Items.ROOTS_IN_POT);
    boolean airless =
        evidence.look(Items.MEDIUM_PIECE).saw(MediumPiece.MUSH)
            || evidence.look(Items.SMELL).saw(Smell.SOUR)
            || evidence.look(Items.SINKING).saw(Sinking.STANDS);
    if (settling(evidence) && !airless) {
      if (roots.saw(RootsInPot.MOSTLY_SOFT) || roots.saw(RootsInPot.MIXED)) {
        weighing.noReason(
            NoReason.SETTLING,
            Items.ROOTS_IN_POT,
            say("Old roots die off after a change of medium; its new tips grow"));
      }
      rotten(evidence, weighing);
      return;
    }
    roots
        .seen()
        .filter(seen -> seen.finding().answers().contains(RootsInPot.MOSTLY_SOFT))
        .ifPresent(
            seen ->
                weighing.hazard(
                    Hazard.ROOTS_SOFT,
                    Items.ROOTS_IN_POT,
                    say(
                        "Roots in the pot mostly soft on {}; what is left cannot wait",
                        seen.on())));
    if (roots.saw(RootsInPot.MIXED) && airless) {
      weighing.hazard(
          Hazard.SUFFOCATING,
          Items.ROOTS_IN_POT,
          say("Roots are turning soft in a medium without air: it is smothering them"));
    }
    rotten(evidence, weighing);
  }

  /** In the first three months after a change of medium, with new tips growing. */
  static boolean settling(Evidence evidence) {
    return evidence.movedLately() && evidence.roots().growing();
  }

  private static void rotten(Evidence evidence, Weighing weighing) {
    if (evidence.look(Items.SMELL).saw(Smell.ROTTEN)) {
      weighing.hazard(
          Hazard.ROTTEN, Items.SMELL, say("The medium smells rotten: something in it is dying"));
    }
  }

  /** What came without roots is known to have none, and is left to make them. */
  private static void noRoots(Evidence evidence, Weighing weighing) {
    if (evidence.look(Items.ROOTS_IN_POT).saw(RootsInPot.NONE)
        && evidence.thirstySince().isPresent()
        && !evidence.rootless()) {
      weighing.hazard(
          Hazard.NO_ROOTS,
          Items.ROOTS_IN_POT,
          say("No live root is left, and it dries out above: what is in it cannot last"));
    }
  }

  private static void pests(Evidence evidence, Weighing weighing) {
    var pests = evidence.look(Items.PESTS);
    boolean inMedium =
        evidence.look(Items.PEST_PLACE).saw(PestPlace.MEDIUM)
            && (pests.saw(Pests.MEALYBUG) || pests.saw(Pests.SCALE) || pests.saw(Pests.SNAIL));
    if (pests.saw(Pests::aboveThePot)) {
      weighing.care(
          Fix.TREAT,
          say("Keep it apart and treat what lives on it; the label of the remedy is the law"));
    }
    if (pests.saw(Pests.ROOT_MEALYBUG) || inMedium) {
      weighing.hazard(
          Hazard.PESTS_IN_MEDIUM,
          Items.PESTS,
          say("Pests live in the medium; it has to go with them"));
    }
  }

  private static void rot(Evidence evidence, Weighing weighing) {
    var rot = evidence.look(Items.ROT);
    boolean onlyStem = evidence.kind().of(Trait.HABIT) == Habit.MONOPODIAL;
    if (onlyStem && rot.saw(Rot.SOFT_CROWN)) {
      weighing.hazard(
          Hazard.CROWN, Items.ROT, say("Its crown is soft, and there is nothing to cut back to"));
    } else if (rot.saw(Rot.SOFT_LEAD) || rot.saw(Rot.SOFT_CROWN) || rot.saw(Rot.SPREADING)) {
      weighing.hazard(
          Hazard.ROT, Items.ROT, say("Rot is going forward; cut back to clean tissue today"));
    }
    if (rot.saw(Rot.WILT_RING)) {
      weighing.hazard(
          Hazard.WILT,
          Items.ROT,
          say("A purple or brown ring in the rhizome: cut further until clean, keep it apart"));
    }
    if (rot.saw(Rot.VIRUS_SUSPECTED)) {
      weighing.care(
          Fix.BLADE_APART,
          say(
              "Streaks or colour break: keep it apart with a blade of its own until a test is made"));
    }
    if (rot.saw(Rot.SOFT_BACK_BULB)) {
      if (onlyABackBulb(evidence)) {
        weighing.care(
            Fix.CUT_BULB,
            say(
                "Cut the soft back bulb away today and let the wound dry; the roots stay as they are"));
      } else {
        weighing.hazard(
            Hazard.ROT, Items.ROT, say("A back bulb is rotting and may take the next one"));
      }
    }
  }

  /** A single rotten back bulb on a plant whose roots have set: only the rotten part has to go. */
  private static boolean onlyABackBulb(Evidence evidence) {
    var roots = evidence.look(Items.ROOTS_IN_POT);
    return roots.saw(RootsInPot.FIRM)
        || roots.saw(RootsInPot.DARK_FIRM)
        || evidence.stage().filter(RootStage.ANCHORED::equals).isPresent();
  }
}
