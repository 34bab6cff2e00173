package almanac.core.judgement;

import static almanac.core.words.Sentence.say;

import almanac.core.inspection.Company;
import almanac.core.inspection.Item;
import almanac.core.inspection.PotState;
import almanac.core.inspection.Rim;
import almanac.core.inspection.RootsCrowding;
import almanac.core.profile.Profile;
import almanac.core.words.Measure;
import java.util.Optional;
import java.util.Set;

/** Room in the pot, and the pot itself. Rules: Needs. */
final class RoomNeeds {
  /** The needs that an intact move into a larger pot answers. */
  static final Set<String> ROOM =
      Set.of(
          NeedFigures.OVER_RIM.key(),
          NeedFigures.RIM_HALF_SEASON.key(),
          NeedFigures.RIM_SEASON.key(),
          NeedFigures.JAMMED.key(),
          NeedFigures.OUT_OF_HOLES.key(),
          NeedFigures.CROWDED.key(),
          NeedFigures.CROWDED_TERRESTRIAL.key(),
          NeedFigures.POT_BROKEN.key(),
          NeedFigures.FAST_TO_DRY.key());

  private RoomNeeds() {}

  static void weigh(Evidence evidence, Weighing weighing) {
    rim(evidence).ifPresent(rim -> rim(rim, evidence, weighing));
    crowding(evidence, weighing);
    pot(evidence, weighing);
  }

  /** Where the lead stands; a distance in mm outranks the eye. */
  static Optional<Rim> rim(Evidence evidence) {
    var look = evidence.look(Item.RIM);
    var seen = look.answer();
    if (look.measured().isEmpty() || seen.filter(RoomNeeds::jammed).isPresent()) {
      return seen;
    }
    double mm = look.measured().getAsDouble();
    double season = season(evidence.situation.profile());
    if (mm < 0) {
      return Optional.of(Rim.OVER);
    }
    if (mm < season / 2) {
      return Optional.of(Rim.UNDER_HALF_SEASON);
    }
    return Optional.of(mm < season ? Rim.UNDER_A_SEASON : Rim.ROOM);
  }

  private static boolean jammed(Rim rim) {
    return rim == Rim.JAMMED || rim == Rim.DEFORMING;
  }

  /** How far a lead goes in a year, mm. */
  private static double season(Profile profile) {
    return profile.rhizomeStepMm() * profile.growthsAYear();
  }

  private static void rim(Rim rim, Evidence evidence, Weighing weighing) {
    var distance = evidence.look(Item.RIM).measured();
    switch (rim) {
      case OVER ->
          weighing.need(
              NeedFigures.OVER_RIM,
              distance.isPresent()
                  ? say(
                      "Lead {} past the rim; its roots would grow in air",
                      Measure.MM.of(-distance.getAsDouble()))
                  : say("The lead is past the rim; its roots would grow in air"));
      case UNDER_HALF_SEASON ->
          weighing.need(
              NeedFigures.RIM_HALF_SEASON, say("Less than half a season of room to the rim"));
      case UNDER_A_SEASON ->
          weighing.need(NeedFigures.RIM_SEASON, say("Less than a season of room to the rim"));
      case JAMMED, DEFORMING ->
          weighing.need(
              NeedFigures.JAMMED,
              say(
                  rim == Rim.JAMMED
                      ? "A new growth is jammed against the rim"
                      : "A new growth is jammed and begins to deform: it cannot wait"));
      case ROOM -> weighing.against("need.rim-season", say("The lead has room to the rim"));
    }
  }

  private static void crowding(Evidence evidence, Weighing weighing) {
    var crowding = evidence.look(Item.CROWDING);
    if (crowding.saw(RootsCrowding.OUT_OF_HOLES)) {
      weighing.need(NeedFigures.OUT_OF_HOLES, say("Roots come out of the drainage holes"));
    }
    if (crowding.saw(RootsCrowding.CROWDED) || crowding.saw(RootsCrowding.CIRCLING)) {
      boolean terrestrial = Traits.semiTerrestrial(evidence.situation.profile());
      weighing.need(
          terrestrial ? NeedFigures.CROWDED_TERRESTRIAL : NeedFigures.CROWDED,
          say("Roots crowd the pot"));
      weighing.noReason(
          "crowded", say("A crowded pot by itself is no reason: water more often instead"));
    }
  }

  private static void pot(Evidence evidence, Weighing weighing) {
    var pot = evidence.look(Item.POT);
    if (pot.saw(PotState.FAR_TOO_LARGE)) {
      weighing.need(NeedFigures.FAR_TOO_LARGE, say("The pot is far too large for its few roots"));
    }
    if (pot.saw(PotState.BRITTLE) || pot.saw(PotState.CRACKED)) {
      weighing.need(NeedFigures.POT_BROKEN, say("The pot is brittle or cracked"));
    }
    if (evidence.look(Item.COMPANY).saw(Company.SEVERAL_WANTED_APART)) {
      weighing.need(NeedFigures.WANTED_APART, say("Several plants share the pot, wanted apart"));
    }
  }
}
