package almanac.app.judged.judging;

import almanac.app.record.collection.PlantInPlace;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.Supplier;

/**
 * What was worked out of plants; worked out anew once a plant, or what it is judged by, is another.
 *
 * @param <T> what is worked out
 */
public final class WorkedOut<T> {
  private record Kept<T>(Object basis, T value) {}

  /** A plant that was written is another one; what was kept of the former goes with it. */
  private final Cache<PlantInPlace, Kept<T>> kept = Caffeine.newBuilder().weakKeys().build();

  /**
   * @param basis all that it rests on besides the plant
   */
  public T of(PlantInPlace plant, Object basis, Supplier<T> workOut) {
    var known = kept.getIfPresent(plant);
    if (known != null && known.basis().equals(basis)) {
      return known.value();
    }
    var value = workOut.get();
    kept.put(plant, new Kept<>(basis, value));
    return value;
  }
}
