package almanac.app.collection;

import almanac.app.journal.Journals;
import almanac.app.journal.Telling;
import almanac.app.kinds.Kinds;
import almanac.app.places.Places;
import almanac.app.refusals.NotFound;
import almanac.app.store.ReadOnce;
import almanac.app.store.Writing;
import almanac.core.history.Plant;
import almanac.core.history.Stand;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The plants of the collection. They are read once; from then on what is written is taken over when
 * it holds, in one step. Whoever reads sees all of an act or nothing of it, and waits for nobody.
 */
@Component
public class Plants {
  private final DSLContext db;
  private final Places places;
  private final Kinds kinds;
  private final TransactionTemplate asOfNow;
  private final ReadOnce<Snapshot> first = new ReadOnce<>(this::read);
  private final AtomicReference<@Nullable Snapshot> known = new AtomicReference<>();

  Plants(DSLContext db, Places places, Kinds kinds, PlatformTransactionManager transactions) {
    this.db = db;
    this.places = places;
    this.kinds = kinds;
    asOfNow = new TransactionTemplate(transactions);
    asOfNow.setReadOnly(true);
    // H2's name for: all statements see the database as it was when the first one ran.
    asOfNow.setIsolationLevel(TransactionDefinition.ISOLATION_SERIALIZABLE);
  }

  /** Every plant that ever was in the collection, in the order of their numbers. */
  public List<PlantInPlace> everybody() {
    return now().byNumber();
  }

  /** Every plant that still stands in its place, in the order of their numbers. */
  public List<PlantInPlace> all() {
    return everybody().stream().filter(plant -> plant.plant().here()).toList();
  }

  /**
   * One plant.
   *
   * @throws NotFound if there is none of that id, or its coming was taken back
   */
  public PlantInPlace one(long id) {
    var written = mine() == null ? null : mine().get(id);
    var plant =
        written == null
            ? known().byId().get(id)
            : Snapshot.inPlace(written, places.everywhere(), kinds.byKey());
    if (plant == null || !plant.plant().journal().begun()) {
      throw new NotFound("There is no plant %d.".formatted(id));
    }
    return plant;
  }

  /** Whether a plant of that id ever was in the collection, and its coming was not taken back. */
  public boolean has(long id) {
    return everybody().stream().anyMatch(plant -> plant.id() == id);
  }

  /** What things are called now, for telling of them. */
  public Telling.Naming names() {
    return new Names(now());
  }

  /** Reads everything anew when it is next asked for: somebody has written past the program. */
  public void forget() {
    first.forget();
    known.set(null);
  }

  /** Whether plants can stand there. */
  boolean exists(Stand stand) {
    return places.has(stand.place());
  }

  /** Whether a kind of that key is known. */
  boolean exists(String kind) {
    return kinds.byKey().containsKey(kind);
  }

  /** A plant that was ever written down, as it was told, also if its coming was taken back. */
  Plant told(long id) {
    var written = mine() == null ? null : mine().get(id);
    return Objects.requireNonNull(written == null ? known().told().get(id) : written);
  }

  /** The present transaction has written a plant; others see it once that holds. */
  void written(Plant plant) {
    known();
    var mine = mine();
    if (mine == null) {
      mine = new HashMap<>();
      publishOnceItHolds(mine);
    }
    mine.put(plant.id(), plant);
  }

  private void publishOnceItHolds(Map<Long, Plant> mine) {
    TransactionSynchronizationManager.bindResource(this, mine);
    Writing.onceItHolds(() -> known.updateAndGet(before -> inTodaysHouse(before).with(mine)));
    Writing.afterwards(() -> TransactionSynchronizationManager.unbindResource(this));
  }

  @SuppressWarnings("unchecked") // nobody else binds anything to this
  private @Nullable Map<Long, Plant> mine() {
    return (Map<Long, Plant>) TransactionSynchronizationManager.getResource(this);
  }

  /** As it stands for the one who asks. */
  private Snapshot now() {
    var mine = mine();
    return mine == null ? known() : known().with(mine);
  }

  /** As it stands for everybody. */
  private Snapshot known() {
    var before = known.get();
    if (before == null) {
      known.compareAndSet(null, first.get());
      before = known.get();
    }
    var today = inTodaysHouse(before);
    if (today != before && !Writing.now()) {
      known.compareAndSet(before, today);
    }
    return today;
  }

  private Snapshot inTodaysHouse(@Nullable Snapshot before) {
    return Objects.requireNonNull(before).in(places.everywhere(), kinds.byKey());
  }

  private Snapshot read() {
    return Writing.now() ? readRows() : asOfNow.execute(status -> readRows());
  }

  private Snapshot readRows() {
    var told = Journals.read(db).stream().collect(Collectors.toMap(Plant::id, Function.identity()));
    return Snapshot.of(told, places.everywhere(), kinds.byKey(), null);
  }
}
