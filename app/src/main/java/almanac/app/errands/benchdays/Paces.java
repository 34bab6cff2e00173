package almanac.app.errands.benchdays;

import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.rules.Rules;
import almanac.core.bench.OwnPace;
import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.stereotype.Component;

/** Knows how fast the collector works, worked out once for each state of the journals. */
@Component
class Paces {
  private record Known(List<PlantInPlace> plants, Figures figures, OwnPace pace) {}

  private final Plants plants;
  private final Rules rules;
  private final AtomicReference<Known> known =
      new AtomicReference<>(new Known(List.of(), Figures.standard(), OwnPace.USUAL));

  Paces(Plants plants, Rules rules) {
    this.plants = plants;
    this.rules = rules;
  }

  OwnPace now() {
    var everybody = plants.everybody();
    var figures = rules.figures();
    var before = known.get();
    if (before.plants == everybody && before.figures.equals(figures)) {
      return before.pace;
    }
    var worked =
        everybody.stream()
            .filter(
                plant ->
                    plant.plant().journal().holding().stream()
                        .anyMatch(line -> line.happening() instanceof Happening.Worked))
            .map(plant -> plants.whole(plant.id()))
            .toList();
    var pace = OwnPace.of(worked, figures);
    known.set(new Known(everybody, figures, pace));
    return pace;
  }
}
