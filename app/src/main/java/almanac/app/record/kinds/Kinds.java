package almanac.app.record.kinds;

import static almanac.app.db.Tables.OWN_KIND;
import static almanac.app.db.Tables.OWN_KIND_TRAIT;
import static almanac.app.db.Tables.PLANT;
import static java.util.stream.Collectors.groupingBy;

import almanac.app.db.tables.records.OwnKindRecord;
import almanac.app.db.tables.records.OwnKindTraitRecord;
import almanac.app.ground.refusals.Conflict;
import almanac.app.ground.refusals.NotFound;
import almanac.app.ground.store.CollectionReplaced;
import almanac.app.ground.store.Remembered;
import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import almanac.core.kinds.Traits;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kinds of plants this collection knows. */
@Service
public class Kinds {
  private final DSLContext db;
  private final Remembered<Map<String, Kind>> known = new Remembered<>(this::read);

  public Kinds(DSLContext db) {
    this.db = db;
  }

  /** All kinds: the program's own in their order, changed or not, then the added ones. */
  public List<Kind> all() {
    return List.copyOf(byKey().values());
  }

  /** The kind of that key, if there is one. */
  public Optional<Kind> named(String key) {
    return Optional.ofNullable(byKey().get(key));
  }

  /** Keeps a changed or added kind in place of what was known under its key. */
  @Transactional
  public void keep(Kind kind) {
    db.deleteFrom(OWN_KIND).where(OWN_KIND.KIND.eq(kind.key())).execute();
    db.executeInsert(new OwnKindRecord(kind.key(), kind.name()));
    kind.traits()
        .written()
        .forEach(
            (trait, content) ->
                db.executeInsert(new OwnKindTraitRecord(kind.key(), trait, content)));
    known.written();
  }

  /**
   * Puts the program's own kind back, or removes one the collector has added.
   *
   * @throws Conflict if plants of an added kind are still there
   */
  @Transactional
  public void reset(String key) {
    if (!byKey().containsKey(key)) {
      throw new NotFound("There is no kind “%s”.".formatted(key));
    }
    int plants = db.fetchCount(PLANT, PLANT.KIND.eq(key));
    if (StandardKinds.named(key).isEmpty() && plants > 0) {
      throw new Conflict(
          "%d plants are of this kind; give them another one first.".formatted(plants));
    }
    db.deleteFrom(OWN_KIND).where(OWN_KIND.KIND.eq(key)).execute();
    known.written();
  }

  /** All kinds by key; the same map as long as none is changed. */
  public Map<String, Kind> byKey() {
    return known.get();
  }

  private Map<String, Kind> read() {
    var all = new LinkedHashMap<String, Kind>();
    for (var kind : StandardKinds.standard()) {
      all.put(kind.key(), kind);
    }
    var traits =
        db.selectFrom(OWN_KIND_TRAIT).stream().collect(groupingBy(OwnKindTraitRecord::getKind));
    for (var row : db.selectFrom(OWN_KIND).orderBy(OWN_KIND.NAME)) {
      var key = row.getKind();
      all.put(
          key,
          new Kind(key, row.getName(), whole(key, traits(traits.getOrDefault(key, List.of())))));
    }
    return all;
  }

  /** A standard kind that was changed before a trait was asked for has it as it always had. */
  private static Traits whole(String key, Traits kept) {
    return StandardKinds.named(key).map(kind -> kept.over(kind.traits())).orElse(kept);
  }

  private static Traits traits(List<OwnKindTraitRecord> rows) {
    return Traits.read(
        rows.stream()
            .collect(
                Collectors.toMap(OwnKindTraitRecord::getTrait, OwnKindTraitRecord::getContent)));
  }

  /** Another collection has its own. */
  @EventListener(CollectionReplaced.class)
  void replaced() {
    known.forget();
  }
}
