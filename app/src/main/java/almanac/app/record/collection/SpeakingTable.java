package almanac.app.record.collection;

import static almanac.app.db.Tables.SPEAKING;

import almanac.app.db.tables.records.SpeakingRecord;
import almanac.core.history.Journal;
import almanac.core.history.Line;
import almanac.core.history.Plant;
import almanac.core.history.Speaking;
import java.util.Collection;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;

/** Which lines still say something of today; it follows from the journals. */
final class SpeakingTable {
  private static final int AT_ONCE = 10_000;

  private SpeakingTable() {}

  /** A plant by what still says something of today. */
  static Plant speaking(Plant whole) {
    var lines = Speaking.of(whole);
    return lines.size() == whole.journal().lines().size()
        ? whole
        : Plant.of(whole.id(), whole.uid(), Journal.of(lines));
  }

  /** Draws up the lines of one plant anew. */
  static void draw(DSLContext db, Set<Long> before, Plant speaking) {
    var now = ids(speaking);
    var gone = new HashSet<>(before);
    gone.removeAll(now);
    if (!gone.isEmpty()) {
      db.deleteFrom(SPEAKING).where(SPEAKING.HAPPENING_ID.in(gone)).execute();
    }
    now.removeAll(before);
    insert(db, now);
  }

  /** Draws up the lines of all plants anew. */
  static void drawAll(DSLContext db, Collection<Plant> whole) {
    db.deleteFrom(SPEAKING).execute();
    var ids = new HashSet<Long>();
    for (var plant : whole) {
      ids.addAll(ids(speaking(plant)));
      if (ids.size() > AT_ONCE) {
        insert(db, ids);
        ids.clear();
      }
    }
    insert(db, ids);
  }

  private static void insert(DSLContext db, Set<Long> ids) {
    db.batchInsert(ids.stream().map(SpeakingRecord::new).toList()).execute();
  }

  static Set<Long> ids(Plant plant) {
    return plant.journal().lines().stream()
        .map(Line::id)
        .collect(Collectors.toCollection(HashSet::new));
  }
}
