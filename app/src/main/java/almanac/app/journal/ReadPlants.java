package almanac.app.journal;

import almanac.app.site.ReadAnew;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Keeps plants as they were last read, so that only what was written since is read again. Who is
 * writing reads past it, and what was written is forgotten once it holds.
 */
@Component
class ReadPlants {
  private static final Comparator<PlantRecord> BY_NUMBER =
      Comparator.comparing(plant -> plant.facts().number());

  private final Map<Long, PlantRecord> known = new HashMap<>();
  private final Set<Long> stale = new HashSet<>();
  private List<PlantRecord> inOrder = List.of();
  private boolean everything;

  /** Whether the one who asks is writing, and so must see what it wrote. */
  static boolean writing() {
    return TransactionSynchronizationManager.isActualTransactionActive()
        && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
  }

  /**
   * Every plant by number.
   *
   * @param all reads them all
   * @param some reads those of the given ids
   */
  synchronized List<PlantRecord> all(
      Supplier<List<PlantRecord>> all, Function<Collection<Long>, List<PlantRecord>> some) {
    if (!everything) {
      known.clear();
      take(all.get());
      everything = true;
    } else if (!stale.isEmpty()) {
      var wanted = List.copyOf(stale);
      wanted.forEach(known::remove);
      take(some.apply(wanted));
    } else {
      return inOrder;
    }
    stale.clear();
    var sorted = new ArrayList<>(known.values());
    sorted.sort(BY_NUMBER);
    inOrder = List.copyOf(sorted);
    return inOrder;
  }

  /** One plant, if it is known and nothing was written of it since. */
  synchronized Optional<PlantRecord> one(
      long id, Function<Collection<Long>, List<PlantRecord>> some) {
    if (!known.containsKey(id) || stale.contains(id)) {
      known.remove(id);
      take(some.apply(List.of(id)));
      if (everything) {
        stale.add(id);
      }
    }
    return Optional.ofNullable(known.get(id));
  }

  /** Forgets a plant once the present transaction has ended, however it ends. */
  void forgetAfterwards(long id) {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCompletion(int status) {
            forget(id);
          }
        });
  }

  /** A bench, a kind or the collection itself has changed. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMPLETION, fallbackExecution = true)
  synchronized void forgetAll(ReadAnew event) {
    known.clear();
    stale.clear();
    everything = false;
  }

  private synchronized void forget(long id) {
    known.remove(id);
    stale.add(id);
  }

  private void take(List<PlantRecord> plants) {
    plants.forEach(plant -> known.put(plant.id(), plant));
  }
}
