package almanac.app.record.collection;

import almanac.core.history.Plant;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The plants that one transaction has written. */
final class WrittenPlants {
  private final Map<Long, Told> told = new HashMap<>();
  private @Nullable Snapshot beneath;
  private @Nullable Snapshot over;

  /**
   * A plant as it was written.
   *
   * @param speaking by what says something of today
   */
  record Told(Plant whole, Plant speaking) {}

  void put(Told plant) {
    told.put(plant.whole().id(), plant);
    over = null;
  }

  @Nullable Told get(long id) {
    return told.get(id);
  }

  Collection<Told> all() {
    return told.values();
  }

  /** All plants, these as they were written; the same object while neither has changed. */
  Snapshot over(Snapshot known) {
    var seen = over;
    if (seen == null || beneath != known) {
      seen = known.with(speaking());
      beneath = known;
      over = seen;
    }
    return seen;
  }

  private Map<Long, Plant> speaking() {
    return told.values().stream()
        .map(Told::speaking)
        .collect(Collectors.toMap(Plant::id, plant -> plant));
  }
}
