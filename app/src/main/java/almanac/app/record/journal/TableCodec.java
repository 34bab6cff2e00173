package almanac.app.record.journal;

import almanac.core.history.Act;
import almanac.core.history.Happening;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.UpdatableRecord;
import org.jspecify.annotations.Nullable;

/**
 * A kind of happening that is kept as one row of a table of its own.
 *
 * @param <H> the kind
 * @param <R> a row of the table
 */
abstract class TableCodec<H extends Happening, R extends UpdatableRecord<R>> implements Codec<H> {
  private final String kind;
  private final Class<H> type;
  private final Table<R> table;
  private final TableField<R, Long> id;

  TableCodec(String kind, Class<H> type, Table<R> table, TableField<R, Long> id) {
    this.kind = kind;
    this.type = type;
    this.table = table;
    this.id = id;
  }

  @Override
  public final String kind() {
    return kind;
  }

  @Override
  public final Class<H> type() {
    return type;
  }

  @Override
  public void write(DSLContext db, long happeningId, H happening) {
    var row = db.newRecord(table);
    row.set(id, happeningId);
    fill(row, happening);
    db.executeInsert(row);
  }

  @Override
  public Kept<H> read(Reading part) {
    Map<Long, R> rows = part.rows(table, id).fetchMap(id);
    return (happeningId, act) -> of(found(rows.get(happeningId), happeningId), act);
  }

  final <T> T found(@Nullable T row, long happeningId) {
    if (row == null) {
      throw new IllegalStateException(
          "What belongs to happening %d (%s) is missing".formatted(happeningId, kind));
    }
    return row;
  }

  /** Sets all fields of a row but its number. */
  abstract void fill(R row, H happening);

  abstract H of(R row, Act act);
}
