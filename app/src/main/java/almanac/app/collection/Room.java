package almanac.app.collection;

import almanac.app.benches.Benches;
import almanac.core.history.Stand;
import almanac.core.refusals.Refused;
import java.util.List;
import org.springframework.stereotype.Component;

/** Where plants can be stood. */
@Component
public class Room {
  private final Plants plants;
  private final Benches benches;

  Room(Plants plants, Benches benches) {
    this.plants = plants;
    this.benches = benches;
  }

  /** Those that stand on a bench, along the walk. */
  public List<PlantInPlace> on(long benchId) {
    return plants.everybody().stream()
        .filter(plant -> plant.bench().id() == benchId)
        .sorted(Walk.ORDER)
        .toList();
  }

  /**
   * At the end of a bench.
   *
   * @throws Refused if there is no such bench
   */
  public Stand atTheEndOf(long benchId) {
    refuseUnknown(benchId);
    double last =
        on(benchId).stream().mapToDouble(plant -> plant.card().stand().position()).max().orElse(0);
    return new Stand(benchId, last + 1);
  }

  /**
   * @throws Refused if there is no such bench
   */
  public void refuseUnknown(long benchId) {
    if (benches.all().stream().noneMatch(bench -> bench.id() == benchId)) {
      throw new Refused("benchId", "There is no such bench.");
    }
  }
}
