package almanac.app.record.journal;

import static almanac.app.db.Tables.ACT;
import static almanac.app.db.Tables.HAPPENING;

import almanac.core.history.Act;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.history.Overruled;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** Writes acts, and knows on whom they were. */
@Repository
public class Acts {
  private static final String WITHDRAWN = Codecs.of(new Happening.Withdrawn()).kind();

  private final DSLContext db;

  public Acts(DSLContext db) {
    this.db = db;
  }

  /**
   * What was written.
   *
   * @param lines by plant
   */
  public record Written(Act act, Map<Long, List<Line>> lines) {}

  /** Writes an act with all that belongs to it. */
  public Written write(NewAct act, LocalDate today) {
    var supersedes = act.supersedes() == null ? null : act.supersedes().id();
    var row = db.newRecord(ACT);
    row.setUid(UUID.randomUUID());
    row.setHappenedOn(act.on());
    row.setRecordedOn(today);
    row.setSupersedes(supersedes);
    row.setNote(act.note());
    row.insert();
    var written = new Act(row.getId(), row.getUid(), act.on(), today, supersedes, act.note());
    var lines = new LinkedHashMap<Long, List<Line>>();
    act.happenings()
        .forEach(
            (plantId, happenings) ->
                happenings.forEach(
                    happening ->
                        lines
                            .computeIfAbsent(plantId, plant -> new ArrayList<>())
                            .add(line(written, plantId, happening))));
    return new Written(written, lines);
  }

  private <H extends Happening> Line line(Act act, long plantId, H happening) {
    var codec = Codecs.of(happening);
    var row = db.newRecord(HAPPENING);
    row.setActId(act.id());
    row.setPlantId(plantId);
    row.setKind(codec.kind());
    row.insert();
    codec.write(db, row.getId(), happening);
    return new Line(row.getId(), act, happening);
  }

  /** The numbers of all acts that were corrected or taken back. */
  public Set<Long> overruled() {
    var against = new TreeMap<Long, @Nullable Long>();
    db.select(ACT.ID, ACT.SUPERSEDES)
        .from(ACT)
        .where(ACT.SUPERSEDES.isNotNull())
        .forEach(row -> against.put(row.value1(), row.value2()));
    var withdrawals =
        db.selectDistinct(HAPPENING.ACT_ID)
            .from(HAPPENING)
            .join(ACT)
            .on(ACT.ID.eq(HAPPENING.ACT_ID))
            .where(ACT.SUPERSEDES.isNotNull(), HAPPENING.KIND.eq(WITHDRAWN))
            .fetchSet(HAPPENING.ACT_ID);
    return Overruled.of(against, withdrawals).keySet();
  }

  /** The plants that an act was on; none if there is no such act. */
  public Set<Long> plants(UUID act) {
    return db.selectDistinct(HAPPENING.PLANT_ID)
        .from(HAPPENING)
        .join(ACT)
        .on(ACT.ID.eq(HAPPENING.ACT_ID))
        .where(ACT.UID.eq(act))
        .orderBy(HAPPENING.PLANT_ID)
        .fetchSet(HAPPENING.PLANT_ID);
  }
}
