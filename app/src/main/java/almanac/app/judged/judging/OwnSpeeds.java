package almanac.app.judged.judging;

import almanac.app.record.collection.PlantInPlace;
import almanac.core.figures.Figures;
import almanac.core.kinds.Trait;
import almanac.core.roots.RootSpeed;
import java.util.Map;

/**
 * How fast the roots of the collector's own plants grow, as far as they were measured.
 *
 * @param byKind by kind and by plant
 */
record OwnSpeeds(Map<String, Map<Long, RootSpeed>> byKind) {
  static final OwnSpeeds NONE = new OwnSpeeds(Map.of());

  /** What is thought of a plant before its own roots are measured, by its kind and the others. */
  RootSpeed before(PlantInPlace plant, Figures figures) {
    double speed = plant.follows().of(Trait.ROOT_SPEED);
    var ofItsKind = RootSpeed.ofKind(speed, figures);
    if (speed != plant.kind().of(Trait.ROOT_SPEED)) {
      return ofItsKind;
    }
    var others =
        byKind.getOrDefault(plant.kind().key(), Map.of()).entrySet().stream()
            .filter(each -> each.getKey() != plant.id())
            .map(Map.Entry::getValue)
            .toList();
    return ofItsKind.shiftedBy(others, figures);
  }
}
