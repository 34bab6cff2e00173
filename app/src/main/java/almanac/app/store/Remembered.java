package almanac.app.store;

import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Something that is read from the database once and kept until it is written. Who has written it
 * sees it as written; everybody else sees it as it was until the writing holds.
 *
 * @param <T> what is kept
 */
public final class Remembered<T> {
  private record Known<T>(@Nullable T value) {}

  private final Supplier<T> read;
  private final AtomicReference<Known<T>> known = new AtomicReference<>(new Known<>(null));

  /**
   * @param read how it is read from the database
   */
  public Remembered(Supplier<T> read) {
    this.read = read;
  }

  /** As it stands for the one who asks. */
  public T get() {
    if (TransactionSynchronizationManager.hasResource(this)) {
      return read.get();
    }
    var before = known.get();
    var value = before.value();
    if (value == null) {
      value = read.get();
      // What was forgotten meanwhile stays forgotten: this may have been read before it was
      // written.
      known.compareAndSet(before, new Known<>(value));
    }
    return value;
  }

  /** It is being written by the present transaction. */
  public void written() {
    if (TransactionSynchronizationManager.hasResource(this)) {
      return;
    }
    TransactionSynchronizationManager.bindResource(this, Boolean.TRUE);
    Writing.afterwards(
        () -> {
          TransactionSynchronizationManager.unbindResourceIfPossible(this);
          forget();
        });
  }

  /** Reads it anew when it is next asked for. */
  public void forget() {
    known.set(new Known<>(null));
  }
}
