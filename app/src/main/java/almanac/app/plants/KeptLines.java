package almanac.app.plants;

import almanac.app.journal.PlantRecord;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/**
 * Lines of the list as they were last drawn up; drawn up anew once the plant or what it is judged
 * by is another.
 *
 * @param <L> what is drawn up
 */
final class KeptLines<L> {
  private record Kept<L>(PlantRecord plant, Object basis, L line) {}

  private final Map<Long, Kept<L>> kept = new ConcurrentHashMap<>();

  /**
   * @param basis all that the line rests on besides the plant
   */
  L of(PlantRecord plant, Object basis, Supplier<L> drawUp) {
    var known = kept.get(plant.id());
    if (known != null && known.plant() == plant && known.basis().equals(basis)) {
      return known.line();
    }
    var line = drawUp.get();
    kept.put(plant.id(), new Kept<>(plant, basis, line));
    return line;
  }
}
