package almanac.app.ground.store;

import almanac.app.ground.refusals.Busy;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Something long to read that is read by the first who asks; others who ask meanwhile wait for it.
 * If the reading fails, the next who asks reads anew.
 *
 * @param <T> what is read
 */
public final class ReadOnce<T> {
  private final Supplier<T> read;
  private final AtomicReference<@Nullable FutureTask<T>> reading = new AtomicReference<>();

  /**
   * @param read how it is read
   */
  public ReadOnce(Supplier<T> read) {
    this.read = read;
  }

  /** What was read. */
  public T get() {
    var mine = new FutureTask<>(read::get);
    var others = reading.compareAndExchange(null, mine);
    var task = others == null ? mine : others;
    task.run();
    try {
      return task.get();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Busy();
    } catch (ExecutionException e) {
      reading.compareAndSet(task, null);
      throw e.getCause() instanceof RuntimeException cause
          ? cause
          : new IllegalStateException(e.getCause());
    }
  }

  /** The next who asks reads anew. */
  public void forget() {
    reading.set(null);
  }
}
