package almanac.app.journal;

import almanac.app.site.ReadAnew;
import almanac.app.store.Writing;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Plants as they were last read, so that only what was written since is read again. A clock ticks
 * whenever a writing has ended; what was read before that tick is stale. A plant that is being
 * written is read past what is known. Nobody waits for anybody here while a query runs, except that
 * the first reading of all plants is made once for all who ask for it.
 */
@Component
class ReadPlants {
  private static final Comparator<PlantRecord> BY_NUMBER =
      Comparator.comparing(plant -> plant.facts().number());
  private static final long BEING_WRITTEN = Long.MAX_VALUE;
  private static final long NEVER = -1;

  /**
   * @param plant nothing if there was none of that id
   * @param at what the clock said before it was read
   */
  private record Read(@Nullable PlantRecord plant, long at) {
    Read orNewer(Read other) {
      return other.at >= at ? other : this;
    }
  }

  private final PlantRows rows;
  private final AtomicLong clock = new AtomicLong();
  private final Map<Long, Read> known = new ConcurrentHashMap<>();

  /** By plant, when it was last written. */
  private final Map<Long, Long> written = new ConcurrentHashMap<>();

  /** When something was written that all plants share. */
  private volatile long allWritten = 0;

  /** When all plants were last read. */
  private volatile long allRead = NEVER;

  private final AtomicReference<@Nullable CompletableFuture<Void>> reading =
      new AtomicReference<>();

  ReadPlants(PlantRows rows) {
    this.rows = rows;
  }

  /** Every plant by number. */
  List<PlantRecord> all() {
    while (allRead < allWritten) {
      readAllOnce();
    }
    var stale = written.keySet().stream().filter(this::stale).toList();
    var plants = new HashMap<Long, PlantRecord>();
    known.forEach(
        (id, read) -> {
          if (read.plant() != null) {
            plants.put(id, read.plant());
          }
        });
    if (!stale.isEmpty()) {
      plants.keySet().removeAll(stale);
      read(stale).forEach(plant -> plants.put(plant.id(), plant));
    }
    var inOrder = new ArrayList<>(plants.values());
    inOrder.sort(BY_NUMBER);
    return inOrder;
  }

  /** One plant, if there is one of that id. */
  Optional<PlantRecord> one(long id) {
    var read = known.get(id);
    return read == null || stale(id)
        ? read(List.of(id)).stream().findFirst()
        : Optional.ofNullable(read.plant());
  }

  /** The present transaction writes a plant. */
  void isWritten(long id) {
    if (!Objects.equals(written.put(id, BEING_WRITTEN), BEING_WRITTEN)) {
      Writing.afterwards(() -> written.put(id, clock.incrementAndGet()));
    }
  }

  /** A bench, a kind or the collection itself has changed. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMPLETION, fallbackExecution = true)
  void readAnew(ReadAnew event) {
    allWritten = clock.incrementAndGet();
  }

  private boolean stale(long id) {
    var read = known.get(id);
    return read == null || read.at() < Math.max(allWritten, written.getOrDefault(id, 0L));
  }

  private List<PlantRecord> read(Collection<Long> ids) {
    long at = clock.get();
    var plants = rows.some(ids);
    plants.forEach(plant -> keep(plant.id(), plant, at));
    for (var id : ids) {
      if (plants.stream().noneMatch(plant -> plant.id() == id)) {
        keep(id, null, at);
      }
    }
    return plants;
  }

  private void keep(long id, @Nullable PlantRecord plant, long at) {
    known.merge(id, new Read(plant, at), Read::orNewer);
  }

  /** Reads all plants, or waits until somebody else has. */
  private void readAllOnce() {
    var mine = new CompletableFuture<Void>();
    var others = reading.compareAndExchange(null, mine);
    if (others != null) {
      others.join();
      return;
    }
    try {
      long at = clock.get();
      rows.all().forEach(plant -> keep(plant.id(), plant, at));
      allRead = at;
    } finally {
      reading.set(null);
      mine.complete(null);
    }
  }
}
