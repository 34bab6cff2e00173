package almanac.core.rhizome;

import almanac.core.figures.Figures;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Lead;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.pot.PlaceFigures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.OptionalDouble;

/**
 * How many growths a lead makes in a year. As this plant's own leads did, where they were looked at
 * for long enough; else what its kind makes, shared among its leads. Rules: Pot and place.
 *
 * @param ofKind growths that a plant of its kind makes in a year
 * @param own growths that each lead of this plant made in a year, as far as that is known
 */
public record LeadPace(double ofKind, OptionalDouble own) {
  private static final double DAYS_A_YEAR = 365.25;

  /** A plant of which nothing more is known. */
  public static LeadPace of(Kind kind) {
    return new LeadPace(kind.of(Trait.GROWTHS_A_YEAR), OptionalDouble.empty());
  }

  /**
   * @param life every inspection of the plant, the oldest first
   */
  public static LeadPace seen(Kind kind, List<Inspection> life, Figures figures) {
    double span = life.isEmpty() ? 0 : years(life.get(0).on(), life.get(life.size() - 1).on());
    return span < figures.of(PlaceFigures.OWN_GROWTH_YEARS) / Lead.values().length
        ? of(kind)
        : of(kind, Growths.of(life), figures);
  }

  private static LeadPace of(Kind kind, List<Growth> growths, Figures figures) {
    long begun = 0;
    double years = 0;
    for (var lead : Lead.values()) {
      var ofLead = growths.stream().filter(growth -> growth.lead() == lead).toList();
      if (ofLead.size() > 1) {
        begun += ofLead.size() - 1;
        years += years(ofLead.get(0).since(), ofLead.get(ofLead.size() - 1).since());
      }
    }
    return years < figures.of(PlaceFigures.OWN_GROWTH_YEARS)
        ? of(kind)
        : new LeadPace(kind.of(Trait.GROWTHS_A_YEAR), OptionalDouble.of(begun / years));
  }

  private static double years(LocalDate from, LocalDate to) {
    return ChronoUnit.DAYS.between(from, to) / DAYS_A_YEAR;
  }

  /** Growths each lead makes in a year on a plant with so many of them. */
  public double of(long leads) {
    return own.orElse(ofKind / Math.max(1, leads));
  }
}
