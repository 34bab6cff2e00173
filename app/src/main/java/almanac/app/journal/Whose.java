package almanac.app.journal;

import static almanac.app.db.Tables.ENTRY;
import static org.jooq.impl.DSL.noCondition;
import static org.jooq.impl.DSL.select;

import java.util.Collection;
import org.jooq.Condition;
import org.jooq.Field;
import org.jspecify.annotations.Nullable;

/**
 * Whose rows are read.
 *
 * @param plants their ids; null for everybody's
 */
record Whose(@Nullable Collection<Long> plants) {
  static final Whose ANYBODY = new Whose(null);

  /** Rows that name the plant. */
  Condition by(Field<Long> plantId) {
    return plants == null ? noCondition() : plantId.in(plants);
  }

  /** Rows that name a line of the plant's journal. */
  Condition byLine(Field<Long> entryId) {
    return plants == null
        ? noCondition()
        : entryId.in(select(ENTRY.ID).from(ENTRY).where(ENTRY.PLANT_ID.in(plants)));
  }
}
