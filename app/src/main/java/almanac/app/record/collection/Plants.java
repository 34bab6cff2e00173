package almanac.app.record.collection;

import almanac.app.ground.refusals.NotFound;
import almanac.app.ground.store.CollectionReplaced;
import almanac.app.ground.store.ReadOnce;
import almanac.app.ground.store.Writing;
import almanac.app.record.journal.Journals;
import almanac.app.record.journal.Telling;
import almanac.app.record.kinds.Kinds;
import almanac.app.record.places.Places;
import almanac.core.history.Plant;
import almanac.core.history.Stand;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The plants of the collection. What says something of today is read once; from then on what is
 * written is taken over when it holds, in one step. Whoever reads sees all of an act or nothing of
 * it, and waits for nobody. The whole journal of a plant is read when somebody asks for it.
 */
@Component
public class Plants {
  private static final long WHOLE_AT_MOST = 200;

  private final DSLContext db;
  private final Places places;
  private final Kinds kinds;
  private final TransactionTemplate asOfNow;
  private final ReadOnce<Snapshot> first = new ReadOnce<>(this::read);
  private final AtomicReference<@Nullable Snapshot> known = new AtomicReference<>();

  /** Whole journals by what says something of today in them; with the one goes the other. */
  private final Cache<Plant, Plant> whole =
      Caffeine.newBuilder().weakKeys().maximumSize(WHOLE_AT_MOST).build();

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
    var written = written(id);
    var plant =
        written == null
            ? known().byId().get(id)
            : Snapshot.inPlace(written.speaking(), places.everywhere(), kinds.byKey());
    if (plant == null || !plant.plant().journal().begun()) {
      throw none(id);
    }
    return plant;
  }

  /** Whether a plant of that id ever was in the collection, and its coming was not taken back. */
  public boolean has(long id) {
    return everybody().stream().anyMatch(plant -> plant.id() == id);
  }

  /** What things are called now, for telling of them. */
  public Telling.Naming names() {
    return new NamesOfToday(now());
  }

  /** Reads everything anew when it is next asked for: somebody has written past the program. */
  @EventListener(CollectionReplaced.class)
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

  /**
   * One plant with its whole journal.
   *
   * @throws NotFound if there is none of that id, or its coming was taken back
   */
  public Plant whole(long id) {
    return told(one(id).id());
  }

  /** Hands over plants with their whole journals; of many all are read from front to back. */
  public void eachWhole(Collection<Long> ids, Consumer<Plant> then) {
    if (ids.size() <= WHOLE_AT_MOST) {
      ids.forEach(id -> then.accept(whole(id)));
      return;
    }
    var wanted = Set.copyOf(ids);
    atOneMoment(() -> Journals.read(db)).stream()
        .filter(plant -> wanted.contains(plant.id()))
        .forEach(then);
  }

  /**
   * A plant that was ever written down, with its whole journal, also if its coming was taken back.
   *
   * @throws NotFound if none of that id was
   */
  Plant told(long id) {
    var written = written(id);
    if (written != null) {
      return written.whole();
    }
    var speaking = known().told().get(id);
    var read = speaking == null ? null : whole.getIfPresent(speaking);
    if (read != null) {
      return read;
    }
    var now = atOneMoment(() -> Journals.one(db, id)).orElseThrow(() -> none(id));
    return speaking == null ? now : whole.asMap().merge(speaking, now, Plants::newer);
  }

  /** Of two who have read a plant while somebody wrote in it, the later one. */
  private static Plant newer(Plant one, Plant other) {
    return one.journal().lines().size() < other.journal().lines().size() ? other : one;
  }

  /** A plant as its whole journal says by now, where somebody has written in it meanwhile. */
  public PlantInPlace asOf(Plant whole, PlantInPlace before) {
    var speaking = SpeakingTable.speaking(whole);
    return SpeakingTable.ids(speaking).equals(SpeakingTable.ids(before.plant()))
        ? before
        : Snapshot.inPlace(speaking, places.everywhere(), kinds.byKey());
  }

  private static NotFound none(long id) {
    return new NotFound("There is no plant %d.".formatted(id));
  }

  /** The present transaction has written a plant; others see it once that holds. */
  void written(Plant plant) {
    var others = known();
    var mine = mine();
    if (mine == null) {
      mine = new WrittenPlants();
      publishOnceItHolds(mine);
    }
    var former = mine.get(plant.id());
    var before = former == null ? others.told().get(plant.id()) : former.speaking();
    var speaking = SpeakingTable.speaking(plant);
    SpeakingTable.draw(db, before == null ? Set.of() : SpeakingTable.ids(before), speaking);
    mine.put(new WrittenPlants.Told(plant, speaking));
  }

  private void publishOnceItHolds(WrittenPlants mine) {
    TransactionSynchronizationManager.bindResource(this, mine);
    Writing.onceItHolds(
        () -> {
          mine.all().forEach(told -> whole.put(told.speaking(), told.whole()));
          known.updateAndGet(before -> mine.over(inTodaysHouse(before)));
        });
    Writing.afterwards(() -> TransactionSynchronizationManager.unbindResource(this));
  }

  private @Nullable WrittenPlants mine() {
    return (WrittenPlants) TransactionSynchronizationManager.getResource(this);
  }

  private WrittenPlants.@Nullable Told written(long id) {
    var mine = mine();
    return mine == null ? null : mine.get(id);
  }

  /** As it stands for the one who asks. */
  private Snapshot now() {
    var mine = mine();
    return mine == null ? known() : mine.over(known());
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
    return atOneMoment(this::readRows);
  }

  /** What several statements read, as it was at one moment. */
  private <T> T atOneMoment(Supplier<T> read) {
    return Writing.now() ? read.get() : asOfNow.execute(status -> read.get());
  }

  private Snapshot readRows() {
    var told =
        Journals.speaking(db).stream().collect(Collectors.toMap(Plant::id, Function.identity()));
    return Snapshot.of(told, places.everywhere(), kinds.byKey(), null);
  }
}
