package almanac.app.judged.judging;

import almanac.app.record.collection.PlantInPlace;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * What was worked out of all plants together; worked out anew once one was written, or what it
 * rests on besides is another.
 *
 * @param <T> what is worked out
 */
public final class OfEverybody<T> {
  private record Kept<T>(List<PlantInPlace> plants, Object basis, T value) {}

  private final AtomicReference<@Nullable Kept<T>> kept = new AtomicReference<>();

  /**
   * @param everybody as the collection hands them out; the same list as long as nobody was written
   * @param basis all that it rests on besides the plants
   */
  public T of(List<PlantInPlace> everybody, Object basis, Supplier<T> workOut) {
    var known = kept.get();
    if (known != null && known.plants() == everybody && known.basis().equals(basis)) {
      return known.value();
    }
    var value = workOut.get();
    kept.set(new Kept<>(everybody, basis, value));
    return value;
  }
}
