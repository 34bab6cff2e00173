package almanac.core.judgement;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figure;
import almanac.core.history.Approach;
import almanac.core.inspection.Company;
import almanac.core.inspection.Item;
import almanac.core.inspection.Lead;
import almanac.core.inspection.PotState;
import almanac.core.inspection.Rim;
import almanac.core.inspection.RootsCrowding;
import almanac.core.kinds.Kind;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Room in the pot, and the pot itself. Rules: Needs. */
final class RoomNeeds {
  /** The needs that an intact move into a larger pot answers. */
  static final Set<String> ROOM =
      Set.of(
          NeedFigures.OVER_RIM.key(),
          NeedFigures.RIM_HALF_SEASON.key(),
          NeedFigures.RIM_SEASON.key(),
          NeedFigures.NEARS_THE_RIM.key(),
          NeedFigures.JAMMED.key(),
          NeedFigures.OUT_OF_HOLES.key(),
          NeedFigures.CROWDED.key(),
          NeedFigures.CROWDED_TERRESTRIAL.key(),
          NeedFigures.POT_BROKEN.key(),
          NeedFigures.FAST_TO_DRY.key());

  private static final Lead[] LEADS = Lead.values();

  /** One lead and where it stands. */
  private record AtRim(Lead lead, Rim rim, OptionalDouble distance) {}

  private RoomNeeds() {}

  static void weigh(Evidence evidence, Weighing weighing) {
    foremost(evidence).ifPresent(lead -> rim(lead, evidence, weighing));
    crowding(evidence, weighing);
    pot(evidence, weighing);
  }

  /** Where the lead stands that is nearest to trouble. */
  static Optional<Rim> rim(Evidence evidence) {
    return foremost(evidence).map(AtRim::rim);
  }

  private static Optional<AtRim> foremost(Evidence evidence) {
    Optional<AtRim> foremost = Optional.empty();
    for (var lead : LEADS) {
      var at = atRim(lead, evidence);
      if (at.isPresent()
          && (foremost.isEmpty() || at.get().rim().compareTo(foremost.get().rim()) > 0)) {
        foremost = at;
      }
    }
    return foremost;
  }

  /** A distance in mm outranks the eye. */
  private static Optional<AtRim> atRim(Lead lead, Evidence evidence) {
    var look = evidence.look(Item.RIM, lead);
    if (look.seen().isEmpty()) {
      return Optional.empty();
    }
    var distance = look.measured();
    var seen = look.answer();
    if (distance.isEmpty() || seen.filter(RoomNeeds::jammed).isPresent()) {
      return seen.map(rim -> new AtRim(lead, rim, distance));
    }
    return Optional.of(
        new AtRim(lead, byDistance(distance.getAsDouble(), evidence.kind()), distance));
  }

  private static Rim byDistance(double mm, Kind kind) {
    double season = kind.rhizomeStepMm() * kind.growthsAYear();
    if (mm < 0) {
      return Rim.OVER;
    }
    if (mm < season / 2) {
      return Rim.UNDER_HALF_SEASON;
    }
    return mm < season ? Rim.UNDER_A_SEASON : Rim.ROOM;
  }

  private static boolean jammed(Rim rim) {
    return rim == Rim.JAMMED || rim == Rim.DEFORMING;
  }

  private static void rim(AtRim at, Evidence evidence, Weighing weighing) {
    var look = evidence.seenAt(Item.RIM, at.lead());
    if (at.rim() == Rim.ROOM) {
      weighing.against(NeedFigures.RIM_SEASON.key(), say("The lead has room to the rim"), look);
      return;
    }
    var figure = figure(at.rim(), evidence);
    weighing.need(figure, sentence(at), evidence.figures.of(figure), look);
  }

  private static Figure figure(Rim rim, Evidence evidence) {
    return switch (rim) {
      case OVER -> NeedFigures.OVER_RIM;
      case UNDER_HALF_SEASON -> NeedFigures.RIM_HALF_SEASON;
      case JAMMED, DEFORMING -> NeedFigures.JAMMED;
      default ->
          evidence.approach == Approach.UNDISTURBED_ROOTS
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

  private static void crowding(Evidence evidence, Weighing weighing) {
    var crowding = evidence.look(Item.CROWDING);
    if (crowding.saw(RootsCrowding.OUT_OF_HOLES)) {
      weighing.need(
          NeedFigures.OUT_OF_HOLES, Item.CROWDING, say("Roots come out of the drainage holes"));
    }
    if (crowding.saw(RootsCrowding.CROWDED) || crowding.saw(RootsCrowding.CIRCLING)) {
      weighing.need(
          evidence.kind().ground().semiTerrestrial()
              ? NeedFigures.CROWDED_TERRESTRIAL
              : NeedFigures.CROWDED,
          Item.CROWDING,
          say("Roots crowd the pot"));
      weighing.noReason(
          "crowded",
          Item.CROWDING,
          say("A crowded pot by itself is no reason: water more often instead"));
    }
  }

  private static void pot(Evidence evidence, Weighing weighing) {
    var pot = evidence.look(Item.POT);
    if (pot.saw(PotState.FAR_TOO_LARGE)) {
      weighing.need(
          NeedFigures.FAR_TOO_LARGE, Item.POT, say("The pot is far too large for its few roots"));
    }
    if (pot.saw(PotState.BRITTLE) || pot.saw(PotState.CRACKED)) {
      weighing.need(NeedFigures.POT_BROKEN, Item.POT, say("The pot is brittle or cracked"));
    }
    if (evidence.look(Item.COMPANY).saw(Company.SEVERAL_WANTED_APART)) {
      weighing.need(
          NeedFigures.WANTED_APART,
          Item.COMPANY,
          say("Several plants share the pot, wanted apart"));
    }
  }
}
