package almanac.app.journal;

import almanac.app.benches.Benches;
import almanac.app.profiles.Kinds;
import javax.sql.DataSource;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.springframework.jdbc.support.JdbcTransactionManager;

/** A collection read from front to back, to see whether it can be. */
public final class WholeCollection {
  private WholeCollection() {}

  /**
   * Reads every plant with its journal.
   *
   * @return how many there are
   * @throws RuntimeException of some kind, if a plant cannot be read
   */
  public static int read(DataSource source) {
    var db = DSL.using(source, SQLDialect.H2);
    var rows =
        new PlantRows(
            db,
            new Benches(db, event -> {}),
            new Kinds(db, event -> {}),
            new JdbcTransactionManager(source));
    return rows.all().size();
  }
}
