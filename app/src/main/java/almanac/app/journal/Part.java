package almanac.app.journal;

import static almanac.app.db.Tables.HAPPENING;
import static almanac.app.db.Tables.SPEAKING;
import static org.jooq.impl.DSL.select;

import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Record1;
import org.jooq.ResultQuery;
import org.jooq.Select;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;

/** Which happenings are read of a table. */
final class Part {
  private final DSLContext db;
  private final @Nullable Select<Record1<Long>> happenings;

  private Part(DSLContext db, @Nullable Select<Record1<Long>> happenings) {
    this.db = db;
    this.happenings = happenings;
  }

  /** All of them. */
  static Part whole(DSLContext db) {
    return new Part(db, null);
  }

  /** Those that still say something of today. */
  static Part speaking(DSLContext db) {
    return new Part(db, select(SPEAKING.HAPPENING_ID).from(SPEAKING));
  }

  /** Those of one plant. */
  static Part of(DSLContext db, long plant) {
    return new Part(db, select(HAPPENING.ID).from(HAPPENING).where(HAPPENING.PLANT_ID.eq(plant)));
  }

  /**
   * The rows of a table that belong to these.
   *
   * @param happening by which a row says to which happening it belongs
   */
  <R extends Record> ResultQuery<R> rows(Table<R> table, Field<Long> happening) {
    return db.selectFrom(table).where(only(happening));
  }

  Condition only(Field<Long> happening) {
    return happenings == null ? DSL.noCondition() : happening.in(happenings);
  }

  /** Whether no happening is left out. */
  boolean all() {
    return happenings == null;
  }

  DSLContext db() {
    return db;
  }
}
