package almanac.app.record.journal;

import static almanac.app.db.Tables.HAPPENING;
import static almanac.app.db.Tables.PLANT;

import almanac.app.db.tables.records.HappeningRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening;
import almanac.core.history.Journal;
import almanac.core.history.Line;
import almanac.core.history.Plant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;

/**
 * Reads the journals of plants.
 *
 * <p>All of it fails with an {@link IllegalStateException} if a journal holds a kind of happening
 * that nobody knows, or what belongs to a happening is missing.
 */
public final class Journals {
  private static final Comparator<HappeningRecord> IN_ORDER_OF_WRITING =
      Comparator.comparing(HappeningRecord::getPlantId)
          .thenComparing(HappeningRecord::getActId)
          .thenComparing(HappeningRecord::getId);

  private Journals() {}

  /** Every plant that was ever written down, as its whole journal tells it. */
  public static List<Plant> read(DSLContext db) {
    return plants(Reading.whole(db), DSL.noCondition());
  }

  /** The same, each by what still says something of today. */
  public static List<Plant> speaking(DSLContext db) {
    return plants(Reading.speaking(db), DSL.noCondition());
  }

  /** One plant as its whole journal tells it, if it was ever written down. */
  public static Optional<Plant> one(DSLContext db, long plant) {
    return plants(Reading.of(db, plant), PLANT.ID.eq(plant)).stream().findFirst();
  }

  private static List<Plant> plants(Reading part, Condition wanted) {
    var lines = lines(part);
    return part.db()
        .select(PLANT.ID, PLANT.UID)
        .from(PLANT)
        .where(wanted)
        .orderBy(PLANT.ID)
        .fetch(
            row ->
                Plant.of(
                    row.value1(),
                    row.value2(),
                    Journal.of(lines.getOrDefault(row.value1(), List.of()))));
  }

  private static Map<Long, List<Line>> lines(Reading part) {
    var rows = part.happenings().fetch();
    rows.sort(IN_ORDER_OF_WRITING);
    var acts = acts(part, rows.intoSet(HAPPENING.ACT_ID));
    var kept = Codecs.read(part, rows.intoSet(HAPPENING.KIND));
    var lines = new HashMap<Long, List<Line>>();
    for (var row : rows) {
      var act = acts.get(row.getActId());
      lines
          .computeIfAbsent(row.getPlantId(), plant -> new ArrayList<>())
          .add(new Line(row.getId(), act, happening(kept, row.getKind(), row.getId(), act)));
    }
    return lines;
  }

  private static Happening happening(
      Map<String, Codec.Kept<?>> kept, String kind, long id, Act act) {
    var ofKind = kept.get(kind);
    if (ofKind == null) {
      throw new IllegalStateException(
          "Happening %d is of a kind that this program does not know: %s".formatted(id, kind));
    }
    return (Happening) ofKind.of(id, act);
  }

  private static Map<Long, Act> acts(Reading part, Set<Long> ids) {
    var acts = new HashMap<Long, Act>();
    try (var rows = part.acts(ids).fetchLazy()) {
      for (var row : rows) {
        acts.put(
            row.getId(),
            new Act(
                row.getId(),
                row.getUid(),
                row.getHappenedOn(),
                row.getRecordedOn(),
                row.getSupersedes(),
                row.getNote()));
      }
    }
    return acts;
  }
}
