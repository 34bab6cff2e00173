package almanac.core.potting;

import almanac.core.history.PlantHistory;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;

/**
 * How long the lead has room before it reaches the rim.
 *
 * @param seen the day it was measured
 * @param mm from the front of the lead to the rim on that day; negative past it
 * @param stepMm how far each growth of its kind goes on from the last
 * @param reached about when the rim is reached; the day of the look if it was by then
 */
public record RoomToRim(LocalDate seen, double mm, double stepMm, LocalDate reached) {
  private static final double DAYS_A_YEAR = 365.25;

  /**
   * The room of the lead that has the least of it, at the newest looks since it was potted; nothing
   * if nobody has measured it, or if its kind does not creep.
   */
  public static Optional<RoomToRim> of(PlantHistory history, Kind kind, LocalDate today) {
    double aYear = LeadStep.aYearMm(history, kind, today);
    if (!(aYear > 0)) {
      return Optional.empty();
    }
    return Arrays.stream(Lead.values())
        .map(lead -> history.latest(Items.RIM, lead, today))
        .flatMap(look -> look.seen().stream())
        .filter(seen -> seen.finding().measured().isPresent())
        .map(seen -> at(seen.on(), seen.finding().measured().getAsDouble(), kind, aYear))
        .min(Comparator.comparing(RoomToRim::mm));
  }

  private static RoomToRim at(LocalDate seen, double mm, Kind kind, double aYear) {
    long days = Math.round(Math.max(0, mm) / aYear * DAYS_A_YEAR);
    return new RoomToRim(seen, mm, kind.of(Trait.RHIZOME_STEP_MM), seen.plusDays(days));
  }
}
