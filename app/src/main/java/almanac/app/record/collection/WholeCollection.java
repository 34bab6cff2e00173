package almanac.app.record.collection;

import almanac.app.record.journal.Journals;
import almanac.app.record.kinds.Kinds;
import almanac.app.record.places.Places;
import almanac.core.history.Plant;
import java.util.HashMap;
import javax.sql.DataSource;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;

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
    var told = new HashMap<Long, Plant>();
    Journals.read(db).forEach(plant -> told.put(plant.id(), plant));
    SpeakingTable.drawAll(db, told.values());
    return Snapshot.of(told, new Places(db).everywhere(), new Kinds(db).byKey(), null)
        .byId()
        .size();
  }
}
