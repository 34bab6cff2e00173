package almanac.app.journal;

import static almanac.app.db.Tables.ACT;
import static almanac.app.db.Tables.HAPPENING;
import static almanac.app.db.Tables.PLANT;

import almanac.core.history.Act;
import almanac.core.history.Happening;
import almanac.core.history.Journal;
import almanac.core.history.Line;
import almanac.core.history.Plant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;

/** Reads the journals of all plants. */
public final class Journals {
  private Journals() {}

  /**
   * Every plant that was ever written down, as its journal tells it, by id.
   *
   * @throws IllegalStateException if a journal holds a kind of happening that nobody knows, or what
   *     belongs to a happening is missing
   */
  public static List<Plant> read(DSLContext db) {
    var lines = lines(db);
    return db.select(PLANT.ID, PLANT.UID)
        .from(PLANT)
        .orderBy(PLANT.ID)
        .fetch(
            row ->
                Plant.of(
                    row.value1(),
                    row.value2(),
                    Journal.of(lines.getOrDefault(row.value1(), List.of()))));
  }

  private static Map<Long, List<Line>> lines(DSLContext db) {
    var acts = acts(db);
    var kept = Codecs.read(db);
    var lines = new HashMap<Long, List<Line>>();
    try (var rows =
        db.selectFrom(HAPPENING)
            .orderBy(HAPPENING.PLANT_ID, HAPPENING.ACT_ID, HAPPENING.ID)
            .fetchLazy()) {
      for (var row : rows) {
        var act = acts.get(row.getActId());
        lines
            .computeIfAbsent(row.getPlantId(), plant -> new ArrayList<>())
            .add(new Line(row.getId(), act, happening(kept, row.getKind(), row.getId(), act)));
      }
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

  private static Map<Long, Act> acts(DSLContext db) {
    var acts = new HashMap<Long, Act>();
    try (var rows = db.selectFrom(ACT).fetchLazy()) {
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
