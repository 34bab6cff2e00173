package almanac.core.taught;

import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Look;
import almanac.core.inspection.Rim;
import almanac.core.judgement.evidence.AtRim;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.rhizome.LeadPace;
import almanac.core.season.GrowthPace;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How near a lead was foretold to come to the rim, from a distance in mm to the first look after
 * which it should have made another growth. A lead goes on by whole growths, so that one more or
 * one less is the range. Rules: What it taught.
 */
final class RimForetold {
  private final Kind kind;
  private final GrowthPace pace;
  private final double step;
  private final double aYear;

  private RimForetold(List<Inspection> looks, Kind kind, GrowthPace pace) {
    this.kind = kind;
    this.pace = pace;
    step = kind.of(Trait.RHIZOME_STEP_MM);
    aYear = step * LeadPace.of(kind).of(leads(looks));
  }

  private static long leads(List<Inspection> looks) {
    return Arrays.stream(Lead.values())
        .filter(lead -> looks.stream().anyMatch(each -> known(each.look(Items.RIM, lead))))
        .count();
  }

  /**
   * @param looks in one pot, oldest first
   */
  static List<Foretold> of(Lead lead, List<Inspection> looks, Kind kind, GrowthPace pace) {
    return kind.of(Trait.RHIZOME_STEP_MM) > 0
        ? new RimForetold(looks, kind, pace).of(lead, looks)
        : List.of();
  }

  private List<Foretold> of(Lead lead, List<Inspection> looks) {
    var told = new ArrayList<Foretold>();
    LocalDate said = null;
    double mm = 0;
    for (var inspection : looks) {
      var seen = inspection.look(Items.RIM, lead);
      if (!known(seen)) {
        continue;
      }
      double gone = said == null ? 0 : gone(said, inspection.on());
      if (said != null && gone >= step) {
        told.add(new Foretold(Foretold.What.RIM, said, inspection.on(), came(seen, mm - gone)));
      }
      if (said == null || gone >= step) {
        said = seen.measured().isPresent() ? inspection.on() : null;
        mm = seen.measured().orElse(mm);
      }
    }
    return told;
  }

  private static boolean known(Look<Rim> seen) {
    return seen.measured().isPresent() || seen.answer().isPresent();
  }

  private double gone(LocalDate from, LocalDate to) {
    return aYear * pace.weeks(from, to) / pace.weeks(from, from.plusYears(1));
  }

  private boolean came(Look<Rim> seen, double foretold) {
    if (seen.measured().isPresent()) {
      return Math.abs(seen.measured().getAsDouble() - foretold) <= step;
    }
    var answer = seen.answer().orElseThrow();
    var told = answer.jammed() ? Rim.OVER : answer;
    return AtRim.byDistance(foretold + step, kind).compareTo(told) <= 0
        && AtRim.byDistance(foretold - step, kind).compareTo(told) >= 0;
  }
}
