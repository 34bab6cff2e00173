package almanac.app.plants;

import almanac.app.journal.PlantRecord;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The order in which plants are come to: bench by bench, and along each. */
public final class Walk {
  /** The order itself. */
  public static final Comparator<PlantRecord> ORDER =
      Comparator.comparing((PlantRecord plant) -> plant.bench().walk())
          .thenComparing(plant -> plant.bench().id())
          .thenComparing(plant -> plant.facts().stand())
          .thenComparing(PlantRecord::id);

  private final Map<Long, Integer> turns = new HashMap<>();

  Walk(Collection<PlantRecord> plants) {
    List<PlantRecord> walked = plants.stream().sorted(ORDER).toList();
    for (int i = 0; i < walked.size(); i++) {
      turns.put(walked.get(i).id(), i + 1);
    }
  }

  int turn(long plantId) {
    return turns.getOrDefault(plantId, 0);
  }
}
