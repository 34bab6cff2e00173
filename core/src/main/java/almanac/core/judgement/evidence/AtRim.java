package almanac.core.judgement.evidence;

import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Rim;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One lead and where it stands. Rules: Needs.
 *
 * @param rim how much room it has
 * @param distance to the rim, mm; negative beyond it
 */
public record AtRim(Lead lead, Rim rim, OptionalDouble distance) {
  private static final Lead[] LEADS = Lead.values();

  static Optional<AtRim> foremost(Evidence evidence) {
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
    var look = evidence.look(Items.RIM, lead);
    if (look.seen().isEmpty()) {
      return Optional.empty();
    }
    var distance = look.measured();
    var seen = look.answer();
    if (distance.isEmpty() || seen.filter(Rim::jammed).isPresent()) {
      return seen.map(rim -> new AtRim(lead, rim, distance));
    }
    return Optional.of(
        new AtRim(lead, byDistance(distance.getAsDouble(), evidence.kind()), distance));
  }

  /** How much room a distance is for a kind. */
  public static Rim byDistance(double mm, Kind kind) {
    double season = kind.of(Trait.RHIZOME_STEP_MM) * kind.of(Trait.GROWTHS_A_YEAR);
    if (mm < 0) {
      return Rim.OVER;
    }
    if (mm < season / 2) {
      return Rim.UNDER_HALF_SEASON;
    }
    return mm < season ? Rim.UNDER_A_SEASON : Rim.ROOM;
  }
}
