package almanac.app.errands.benchdays;

import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.rules.Rules;
import almanac.core.bench.OwnPace;
import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.stereotype.Component;

/** Knows how fast the collector works, worked out once for each state of the journals. */
@Component
class Paces {
  private record Known(
      List<PlantInPlace> plants, Figures figures, OwnPace pace, List<Plant> worked) {}

  private final Plants plants;
  private final Rules rules;
  private final AtomicReference<Known> known =
      new AtomicReference<>(new Known(List.of(), Figures.standard(), OwnPace.USUAL, List.of()));

  Paces(Plants plants, Rules rules) {
    this.plants = plants;
    this.rules = rules;
  }

  OwnPace now() {
    return known().pace;
  }

  /** How many minutes the jobs took that were done on a day, as far as somebody said so. */
  int worked(LocalDate day) {
    return OwnPace.minutesOn(known().worked, day);
  }

  private Known known() {
    var everybody = plants.everybody();
    var figures = rules.figures();
    var before = known.get();
    if (before.plants == everybody && before.figures.equals(figures)) {
      return before;
    }
    var worked =
        everybody.stream()
            .filter(
                plant ->
                    plant.plant().journal().holding().stream()
                        .anyMatch(line -> line.happening() instanceof Happening.Worked))
            .map(plant -> plants.whole(plant.id()))
            .toList();
    var now = new Known(everybody, figures, OwnPace.of(worked, figures), worked);
    known.set(now);
    return now;
  }
}
