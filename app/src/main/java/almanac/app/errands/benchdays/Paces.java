package almanac.app.errands.benchdays;

import almanac.app.judged.judging.OfEverybody;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.rules.Rules;
import almanac.core.bench.OwnPace;
import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Component;

/** Knows how fast the collector works, worked out once for each state of the journals. */
@Component
public class Paces {
  private record Known(OwnPace pace, List<Plant> worked) {}

  private final Plants plants;
  private final Rules rules;
  private final OfEverybody<Known> known = new OfEverybody<>();

  Paces(Plants plants, Rules rules) {
    this.plants = plants;
    this.rules = rules;
  }

  /** By how much faster or slower than usual. */
  public OwnPace now() {
    return known().pace;
  }

  /** How many minutes the jobs took that were done on a day, as far as somebody said so. */
  int worked(LocalDate day) {
    return OwnPace.minutesOn(known().worked, day);
  }

  private Known known() {
    var everybody = plants.everybody();
    var figures = rules.figures();
    return known.of(everybody, figures, () -> anew(everybody, figures));
  }

  private Known anew(List<PlantInPlace> everybody, Figures figures) {
    var worked =
        everybody.stream()
            .filter(
                plant ->
                    plant.plant().journal().holding().stream()
                        .anyMatch(line -> line.happening() instanceof Happening.Worked))
            .map(plant -> plants.whole(plant.id()))
            .toList();
    return new Known(OwnPace.of(worked, figures), worked);
  }
}
