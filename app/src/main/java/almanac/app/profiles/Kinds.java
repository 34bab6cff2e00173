package almanac.app.profiles;

import static almanac.app.db.Tables.OWN_PROFILE;
import static almanac.app.db.Tables.PLANT;

import almanac.app.db.tables.records.OwnProfileRecord;
import almanac.app.refusals.Conflict;
import almanac.app.refusals.NotFound;
import almanac.app.store.Remembered;
import almanac.core.medium.Moisture;
import almanac.core.profile.Branching;
import almanac.core.profile.Ground;
import almanac.core.profile.Habit;
import almanac.core.profile.Profile;
import almanac.core.profile.Profiles;
import almanac.core.profile.ReadyRule;
import almanac.core.profile.RootThickness;
import almanac.core.profile.Warmth;
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
  private final Remembered<Map<String, Profile>> known = new Remembered<>(this::read);

  public Kinds(DSLContext db) {
    this.db = db;
  }

  /** All kinds: the program's own in their order, changed or not, then the added ones. */
  public List<Profile> all() {
    return List.copyOf(byKey().values());
  }

  /** The kind of that key, if there is one. */
  public Optional<Profile> named(String key) {
    return Optional.ofNullable(byKey().get(key));
  }

  /** Keeps a changed or added kind in place of what was known under its key. */
  @Transactional
  public void keep(Profile profile) {
    var row = db.newRecord(OWN_PROFILE);
    write(profile, row);
    db.deleteFrom(OWN_PROFILE).where(OWN_PROFILE.PROFILE.eq(profile.key())).execute();
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
    if (Profiles.named(key).isEmpty() && plants > 0) {
      throw new Conflict(
          "%d plants are of this kind; give them another one first.".formatted(plants));
    }
    db.deleteFrom(OWN_PROFILE).where(OWN_PROFILE.PROFILE.eq(key)).execute();
    known.written();
  }

  /** All kinds by key; the same map as long as none is changed. */
  public Map<String, Profile> byKey() {
    return known.get();
  }

  private Map<String, Profile> read() {
    var all = new LinkedHashMap<String, Profile>();
    for (var profile : Profiles.standard()) {
      all.put(profile.key(), profile);
    }
    for (var row : db.selectFrom(OWN_PROFILE).orderBy(OWN_PROFILE.NAME)) {
      all.put(row.getProfile(), read(row));
    }
    return all;
  }

  private static Profile read(OwnProfileRecord row) {
    return new Profile(
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

  private static void write(Profile profile, OwnProfileRecord row) {
    row.setProfile(profile.key());
    row.setName(profile.name());
    row.setHabit(profile.habit().name());
    row.setGround(profile.ground().name());
    row.setRoots(profile.roots().name());
    row.setBranching(profile.branching().name());
    row.setReadyRule(profile.readyRule().name());
    row.setRootsAppear(profile.rootsAppear());
    row.setMoisture(profile.moisture().name());
    row.setCare(profile.care());
    row.setLeastGrowths(
        profile.leastGrowths().isPresent() ? profile.leastGrowths().getAsInt() : null);
    row.setRhizomeStepMm(profile.rhizomeStepMm());
    row.setGrowthsAYear(profile.growthsAYear());
    row.setNightLeast(profile.warmth().nightLeast());
    row.setDayMost(profile.warmth().dayMost());
    row.setLightOnRoots(profile.lightOnRoots());
    row.setRootSpeed(profile.rootSpeed());
    row.setRootsHidden(profile.rootsHidden());
  }
}
