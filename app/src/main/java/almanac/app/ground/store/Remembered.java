package almanac.app.ground.store;

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
    var own = own();
    if (own != null) {
      return own.get(read);
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

  /** As the transaction sees it that has written it. */
  private static final class Own<T> {
    private @Nullable T value;

    T get(Supplier<T> read) {
      var seen = value;
      if (seen == null) {
        seen = read.get();
        value = seen;
      }
      return seen;
    }
  }

  @SuppressWarnings("unchecked") // nobody else binds anything to this
  private @Nullable Own<T> own() {
    return (Own<T>) TransactionSynchronizationManager.getResource(this);
  }

  /** The present transaction has written it, perhaps once more. */
  public void written() {
    if (TransactionSynchronizationManager.unbindResourceIfPossible(this) == null) {
      Writing.afterwards(
          () -> {
            TransactionSynchronizationManager.unbindResourceIfPossible(this);
            forget();
          });
    }
    TransactionSynchronizationManager.bindResource(this, new Own<T>());
  }

  /** Reads it anew when it is next asked for. */
  public void forget() {
    known.set(new Known<>(null));
  }
}
