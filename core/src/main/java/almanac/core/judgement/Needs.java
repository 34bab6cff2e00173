package almanac.core.judgement;

/** The reasons to move a plant, hazards first, and what speaks against them. */
final class Needs {
  private Needs() {}

  static Weighing of(Evidence evidence) {
    var weighing = new Weighing(evidence);
    Hazards.weigh(evidence, weighing);
    MediumNeeds.weigh(evidence, weighing);
    RoomNeeds.weigh(evidence, weighing);
    PlantNeeds.weigh(evidence, weighing);
    return weighing;
  }
}
