package almanac.app.kinds;

import static almanac.app.db.Tables.OWN_PROFILE;
import static almanac.app.db.Tables.PLANT;

import almanac.app.db.tables.records.OwnProfileRecord;
import almanac.app.refusals.Conflict;
import almanac.app.refusals.NotFound;
import almanac.app.store.Remembered;
import almanac.core.kinds.Branching;
import almanac.core.kinds.Ground;
import almanac.core.kinds.Habit;
import almanac.core.kinds.Kind;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.RootThickness;
import almanac.core.kinds.StandardKinds;
import almanac.core.kinds.Warmth;
import almanac.core.medium.Moisture;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.jooq.DSLContext;
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
    var row = db.newRecord(OWN_PROFILE);
    write(kind, row);
    db.deleteFrom(OWN_PROFILE).where(OWN_PROFILE.PROFILE.eq(kind.key())).execute();
    db.executeInsert(row);
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
    db.deleteFrom(OWN_PROFILE).where(OWN_PROFILE.PROFILE.eq(key)).execute();
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
    for (var row : db.selectFrom(OWN_PROFILE).orderBy(OWN_PROFILE.NAME)) {
      all.put(row.getProfile(), read(row));
    }
    return all;
  }

  private static Kind read(OwnProfileRecord row) {
    return new Kind(
        row.getProfile(),
        row.getName(),
        Habit.valueOf(row.getHabit()),
        Ground.valueOf(row.getGround()),
        RootThickness.valueOf(row.getRoots()),
        Branching.valueOf(row.getBranching()),
        ReadyRule.valueOf(row.getReadyRule()),
        row.getRootsAppear(),
        Moisture.valueOf(row.getMoisture()),
        row.getCare(),
        row.getLeastGrowths() == null ? OptionalInt.empty() : OptionalInt.of(row.getLeastGrowths()),
        row.getRhizomeStepMm(),
        row.getGrowthsAYear(),
        new Warmth(row.getNightLeast(), row.getDayMost()),
        row.getLightOnRoots(),
        row.getRootSpeed(),
        row.getRootsHidden());
  }

  private static void write(Kind kind, OwnProfileRecord row) {
    row.setProfile(kind.key());
    row.setName(kind.name());
    row.setHabit(kind.habit().name());
    row.setGround(kind.ground().name());
    row.setRoots(kind.roots().name());
    row.setBranching(kind.branching().name());
    row.setReadyRule(kind.readyRule().name());
    row.setRootsAppear(kind.rootsAppear());
    row.setMoisture(kind.moisture().name());
    row.setCare(kind.care());
    row.setLeastGrowths(kind.leastGrowths().isPresent() ? kind.leastGrowths().getAsInt() : null);
    row.setRhizomeStepMm(kind.rhizomeStepMm());
    row.setGrowthsAYear(kind.growthsAYear());
    row.setNightLeast(kind.warmth().nightLeast());
    row.setDayMost(kind.warmth().dayMost());
    row.setLightOnRoots(kind.lightOnRoots());
    row.setRootSpeed(kind.rootSpeed());
    row.setRootsHidden(kind.rootsHidden());
  }
}
