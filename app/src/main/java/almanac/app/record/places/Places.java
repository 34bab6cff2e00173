package almanac.app.record.places;

import static almanac.app.db.Tables.PLACE;
import static almanac.app.db.Tables.PLACE_MEAN;
import static almanac.app.db.Tables.PLANT;
import static almanac.app.db.Tables.SENSOR_DAY;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static org.jooq.impl.DSL.not;

import almanac.app.db.tables.records.PlaceRecord;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Conflict;
import almanac.app.ground.refusals.NotFound;
import almanac.app.ground.store.CollectionReplaced;
import almanac.app.ground.store.Remembered;
import almanac.core.history.Approach;
import almanac.core.refusals.Refused;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The places of the collection. */
@Repository
public class Places {
  private final DSLContext db;
  private final Remembered<Known> known = new Remembered<>(this::read);

  public Places(DSLContext db) {
    this.db = db;
  }

  /**
   * @param all in the order of the walk
   * @param everywhere by id, also those that are gone
   */
  private record Known(List<Place> all, Map<Long, Place> everywhere) {}

  /** All places in the order of the walk. */
  public List<Place> all() {
    return known.get().all();
  }

  /** Whether there is a place of that id, and not only was. */
  public boolean has(long id) {
    return all().stream().anyMatch(place -> place.id() == id);
  }

  /** Every place there ever was, by id; the same map as long as none is changed. */
  public Map<Long, Place> everywhere() {
    return known.get().everywhere();
  }

  private Known read() {
    Map<Long, List<Double>> means =
        db.selectFrom(PLACE_MEAN).orderBy(PLACE_MEAN.PLACE_ID, PLACE_MEAN.OF_MONTH).stream()
            .collect(
                groupingBy(row -> row.getPlaceId(), mapping(row -> row.getCelsius(), toList())));
    var all = new ArrayList<Place>();
    var everywhere = new HashMap<Long, Place>();
    for (var row : db.selectFrom(PLACE).orderBy(PLACE.WALK, PLACE.ID)) {
      var place = place(row, means.get(row.getId()));
      everywhere.put(place.id(), place);
      if (!row.getGone()) {
        all.add(place);
      }
    }
    return new Known(List.copyOf(all), Map.copyOf(everywhere));
  }

  /** A place as somebody wants it. */
  public record Wanted(
      String name,
      PlaceKind kind,
      @Nullable Double lampHours,
      @Nullable List<Double> means,
      @Nullable Approach approach) {}

  /**
   * Adds a place at the end of the walk.
   *
   * @throws Refused if there is one of that name
   */
  @Transactional
  public Place add(Wanted wanted) {
    refuseTaken(wanted.name(), null);
    int walk = all().stream().mapToInt(Place::walk).max().orElse(0) + 1;
    var row = row(wanted);
    row.setWalk(walk);
    long id = db.insertInto(PLACE).set(row).returningResult(PLACE.ID).fetchSingle().value1();
    keep(id, wanted.means());
    return one(id);
  }

  /**
   * Changes a place; its plants are judged by the new conditions at once.
   *
   * @throws NotFound if there is none of that id
   * @throws Refused if there is another one of that name
   */
  @Transactional
  public Place change(long id, Wanted wanted) {
    refuseTaken(wanted.name(), id);
    one(id);
    db.update(PLACE).set(row(wanted)).where(PLACE.ID.eq(id)).execute();
    keep(id, wanted.means());
    return one(id);
  }

  /**
   * Removes an empty place; journals still name it.
   *
   * @throws Conflict if plants stand on it
   */
  @Transactional
  public void remove(long id) {
    int plants = db.fetchCount(PLANT, PLANT.PLACE_ID.eq(id));
    if (plants > 0) {
      throw new Conflict(
          "%d plants belong to this place, also those that are no longer here. Move them first."
              .formatted(plants));
    }
    db.deleteFrom(PLACE_MEAN).where(PLACE_MEAN.PLACE_ID.eq(id)).execute();
    db.deleteFrom(SENSOR_DAY).where(SENSOR_DAY.PLACE_ID.eq(id)).execute();
    int removed =
        db.update(PLACE)
            .set(PLACE.GONE, true)
            .where(PLACE.ID.eq(id).and(not(PLACE.GONE)))
            .execute();
    if (removed == 0) {
      throw missing(id);
    }
    known.written();
  }

  /**
   * Puts the places in the order in which they are walked along.
   *
   * @param ids every place once
   * @throws Refused if one is missing, unknown or named twice
   */
  @Transactional
  public List<Place> walk(List<Long> ids) {
    var present = all().stream().map(Place::id).collect(Collectors.toSet());
    if (ids.size() != present.size() || !present.equals(Set.copyOf(ids))) {
      throw new BadEntry("places", "Name every place once, in the order of the walk.");
    }
    for (int i = 0; i < ids.size(); i++) {
      db.update(PLACE).set(PLACE.WALK, i + 1).where(PLACE.ID.eq(ids.get(i))).execute();
    }
    known.written();
    return all();
  }

  private Place one(long id) {
    return all().stream()
        .filter(place -> place.id() == id)
        .findFirst()
        .orElseThrow(() -> missing(id));
  }

  private static NotFound missing(long id) {
    return new NotFound("There is no place %d.".formatted(id));
  }

  private void refuseTaken(String name, @Nullable Long own) {
    if (all().stream()
        .anyMatch(place -> place.name().equals(name) && !Objects.equals(place.id(), own))) {
      throw new BadEntry("name", "There is a place of that name already.");
    }
  }

  private PlaceRecord row(Wanted wanted) {
    var row = db.newRecord(PLACE);
    row.setName(wanted.name());
    row.setKind(wanted.kind().name());
    row.setLampHours(wanted.lampHours());
    row.setApproach(wanted.approach() == null ? null : wanted.approach().name());
    return row;
  }

  private void keep(long id, @Nullable List<Double> means) {
    db.deleteFrom(PLACE_MEAN).where(PLACE_MEAN.PLACE_ID.eq(id)).execute();
    for (int i = 0; means != null && i < means.size(); i++) {
      db.insertInto(PLACE_MEAN)
          .set(PLACE_MEAN.PLACE_ID, id)
          .set(PLACE_MEAN.OF_MONTH, (short) (i + 1))
          .set(PLACE_MEAN.CELSIUS, means.get(i))
          .execute();
    }
    known.written();
  }

  private static Place place(PlaceRecord row, @Nullable List<Double> means) {
    return new Place(
        row.getId(),
        row.getName(),
        PlaceKind.valueOf(row.getKind()),
        row.getWalk(),
        row.getLampHours(),
        means,
        row.getApproach() == null ? null : Approach.valueOf(row.getApproach()));
  }

  /** Another collection has its own. */
  @EventListener(CollectionReplaced.class)
  void replaced() {
    known.forget();
  }
}
