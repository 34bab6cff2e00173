package almanac.core.judgement.need;

import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Scale;
import java.util.List;

/**
 * What speaks for moving a plant and what against it, hazards first.
 *
 * @param reasons each with its points
 * @param care fixes without unpotting
 * @param remarks what else is to be done, whatever the verdict
 */
public record Needs(List<Reason> reasons, List<Care> care, List<Care> remarks) {

  /** Weighs all that is known of a plant. */
  public static Needs of(Evidence evidence) {
    var weighing = new Weighing(evidence);
    Hazards.weigh(evidence, weighing);
    MediumNeeds.weigh(evidence, weighing);
    RoomNeeds.weigh(evidence, weighing);
    PlantNeeds.weigh(evidence, weighing);
    BreakageNeeds.weigh(evidence, weighing);
    RoomNeeds.crowding(evidence, weighing);
    return new Needs(weighing.reasons(), weighing.careFixes(), weighing.remarks());
  }

  /** Whether there is a hazard among them. */
  public boolean hazard() {
    return reasons.stream().anyMatch(reason -> reason.scale() == Scale.HAZARD);
  }

  /** All they count together. */
  public double points() {
    return reasons.stream().mapToDouble(Reason::points).sum();
  }
}
