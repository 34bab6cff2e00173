package almanac.core.potting;

import almanac.core.history.PlantHistory;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.rhizome.LeadPace;
import java.time.LocalDate;
import java.util.Arrays;

/**
 * How far each lead of a plant goes on in a year: what its kind makes, shared among its leads. Its
 * own years count at the bench, where its whole history is at hand. Rules: Pot and place.
 */
public final class LeadStep {
  private LeadStep() {}

  /**
   * @return mm; 0 if its kind does not creep
   */
  public static double aYearMm(PlantHistory history, Kind kind, LocalDate today) {
    double step = kind.of(Trait.RHIZOME_STEP_MM);
    return step > 0 ? step * LeadPace.of(kind).of(leads(history, today)) : 0;
  }

  private static long leads(PlantHistory history, LocalDate today) {
    return Arrays.stream(Lead.values())
        .filter(
            lead ->
                history.latest(Items.GROWTH, lead, today).seen().isPresent()
                    || history.latest(Items.RIM, lead, today).seen().isPresent())
        .count();
  }
}
