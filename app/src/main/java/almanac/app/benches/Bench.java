package almanac.app.benches;

import almanac.app.db.tables.records.BenchRecord;

/**
 * A place where plants stand.
 *
 * @param controlled under lights and heating, so that every month carries growth
 */
public record Bench(long id, String name, boolean controlled) {
  public static Bench of(BenchRecord row) {
    return new Bench(row.getId(), row.getName(), row.getControlled());
  }
}
