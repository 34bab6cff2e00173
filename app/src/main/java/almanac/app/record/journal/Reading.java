package almanac.app.record.journal;

import static almanac.app.db.Tables.ACT;
import static almanac.app.db.Tables.HAPPENING;
import static almanac.app.db.Tables.SPEAKING;

import almanac.app.db.tables.Happening;
import almanac.app.db.tables.records.ActRecord;
import almanac.app.db.tables.records.HappeningRecord;
import java.util.Collection;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.ResultQuery;
import org.jooq.Table;
import org.jooq.impl.DSL;

/**
 * Which happenings are read of a table. What belongs to them is joined to the list of them, which
 * H2 does many times faster than it looks each up in that list.
 */
final class Reading {
  private static final Happening OF_PLANT = HAPPENING.as("of_plant");

  private final DSLContext db;
  private final boolean whole;
  private final Table<?> list;
  private final Field<Long> listed;
  private final Condition wanted;

  private Reading(
      DSLContext db, boolean whole, Table<?> list, Field<Long> listed, Condition wanted) {
    this.db = db;
    this.whole = whole;
    this.list = list;
    this.listed = listed;
    this.wanted = wanted;
  }

  /** All of them. */
  static Reading whole(DSLContext db) {
    return new Reading(db, true, HAPPENING, HAPPENING.ID, DSL.noCondition());
  }

  /** Those that still say something of today. */
  static Reading speaking(DSLContext db) {
    return new Reading(db, false, SPEAKING, SPEAKING.HAPPENING_ID, DSL.noCondition());
  }

  /** Those of one plant. */
  static Reading of(DSLContext db, long plant) {
    return new Reading(db, false, OF_PLANT, OF_PLANT.ID, OF_PLANT.PLANT_ID.eq(plant));
  }

  /** The happenings themselves. */
  ResultQuery<HappeningRecord> happenings() {
    return rows(HAPPENING, HAPPENING.ID);
  }

  /**
   * The rows of a table that belong to these.
   *
   * @param happening by which a row says to which happening it belongs
   */
  <R extends Record> ResultQuery<R> rows(Table<R> table, Field<Long> happening) {
    return whole
        ? db.selectFrom(table)
        : db.select(table.fields())
            .from(list)
            .join(table)
            .on(happening.eq(listed))
            .where(wanted)
            .coerce(table);
  }

  /**
   * The acts that these belong to.
   *
   * @param ids of those acts
   */
  ResultQuery<ActRecord> acts(Collection<Long> ids) {
    if (whole) {
      return db.selectFrom(ACT);
    }
    var wantedIds = DSL.unnest(ids.toArray(Long[]::new)).as("wanted", "id");
    return db.select(ACT.fields())
        .from(wantedIds)
        .join(ACT)
        .on(ACT.ID.eq(wantedIds.field("id", Long.class)))
        .coerce(ACT);
  }

  DSLContext db() {
    return db;
  }
}
