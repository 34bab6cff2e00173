package almanac.core.judgement.need;

import static almanac.core.words.Sentence.say;

import almanac.core.history.Approach;
import almanac.core.inspection.Company;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.PotState;
import almanac.core.inspection.Rim;
import almanac.core.inspection.RootsCrowding;
import almanac.core.judgement.evidence.AtRim;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.reason.Need;
import almanac.core.judgement.reason.NoReason;
import almanac.core.kinds.Trait;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;

/** Room in the pot, and the pot itself. Rules: Needs. */
final class RoomNeeds {
  private RoomNeeds() {}

  static void weigh(Evidence evidence, Weighing weighing) {
    evidence.foremost().ifPresent(lead -> rim(lead, evidence, weighing));
    holes(evidence, weighing);
    pot(evidence, weighing);
  }

  private static void rim(AtRim at, Evidence evidence, Weighing weighing) {
    var look = evidence.seenAt(Items.RIM, at.lead());
    if (at.rim() == Rim.ROOM) {
      weighing.against(NeedFigures.RIM_SEASON, say("The lead has room to the rim"), look);
      return;
    }
    weighing.need(need(at.rim(), evidence), sentence(at), look);
  }

  /** Whether it is what the lead's distance to the rim counts. */
  static boolean ofTheRim(Need need) {
    return need.equals(NeedFigures.OVER_RIM)
        || need.equals(NeedFigures.RIM_HALF_SEASON)
        || need.equals(NeedFigures.JAMMED)
        || need.equals(NeedFigures.NEARS_THE_RIM)
        || need.equals(NeedFigures.RIM_SEASON);
  }

  static Need need(Rim rim, Evidence evidence) {
    return switch (rim) {
      case OVER -> NeedFigures.OVER_RIM;
      case UNDER_HALF_SEASON -> NeedFigures.RIM_HALF_SEASON;
      case JAMMED, DEFORMING -> NeedFigures.JAMMED;
      default ->
          evidence.approach() == Approach.UNDISTURBED_ROOTS
              ? NeedFigures.NEARS_THE_RIM
              : NeedFigures.RIM_SEASON;
    };
  }

  private static Sentence sentence(AtRim at) {
    var who = at.lead() == Lead.FIRST ? "Lead" : "Lead " + at.lead();
    return switch (at.rim()) {
      case OVER ->
          at.distance().isPresent()
              ? say(
                  "{} {} past the rim; its roots would grow in air",
                  who,
                  Measure.MM.of(-at.distance().getAsDouble()))
              : say("{} past the rim; its roots would grow in air", who);
      case UNDER_HALF_SEASON -> say("{}: less than half a season of room to the rim", who);
      case UNDER_A_SEASON -> say("{}: less than a season of room to the rim", who);
      case JAMMED -> say("{}: the new growth is jammed against the rim", who);
      case DEFORMING ->
          say("{}: the new growth is jammed and begins to deform: it cannot wait", who);
      case ROOM -> say("{} has room to the rim", who);
    };
  }

  private static void holes(Evidence evidence, Weighing weighing) {
    if (evidence.look(Items.CROWDING).saw(RootsCrowding.OUT_OF_HOLES)) {
      weighing.need(
          NeedFigures.OUT_OF_HOLES, Items.CROWDING, say("Roots come out of the drainage holes"));
    }
  }

  /** Crowding adds to other reasons; by itself it is none. To be weighed after all others. */
  static void crowding(Evidence evidence, Weighing weighing) {
    var crowding = evidence.look(Items.CROWDING);
    if (!crowding.saw(RootsCrowding.CROWDED) && !crowding.saw(RootsCrowding.CIRCLING)) {
      return;
    }
    if (weighing.anyNeed()) {
      weighing.need(
          evidence.kind().of(Trait.GROUND).semiTerrestrial()
              ? NeedFigures.CROWDED_TERRESTRIAL
              : NeedFigures.CROWDED,
          Items.CROWDING,
          say("Roots crowd the pot"));
    } else {
      weighing.noReason(
          NoReason.CROWDED,
          Items.CROWDING,
          evidence.rest().keptDry()
              ? say("A crowded pot by itself is no reason")
              : say("A crowded pot by itself is no reason: water more often instead"));
    }
  }

  private static void pot(Evidence evidence, Weighing weighing) {
    var pot = evidence.look(Items.POT);
    if (pot.saw(PotState.FAR_TOO_LARGE)) {
      weighing.need(
          NeedFigures.FAR_TOO_LARGE, Items.POT, say("The pot is far too large for its few roots"));
    }
    if (pot.saw(PotState.BRITTLE) || pot.saw(PotState.CRACKED)) {
      weighing.need(NeedFigures.POT_BROKEN, Items.POT, say("The pot is brittle or cracked"));
    }
    if (evidence.look(Items.COMPANY).saw(Company.SEVERAL_WANTED_APART)) {
      weighing.need(
          NeedFigures.WANTED_APART,
          Items.COMPANY,
          say("Several plants share the pot, wanted apart"));
    }
  }
}
