package almanac.app.copies.packages;

import almanac.app.copies.packages.Column.Kept;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;

/** What bears which name outside, by its number within the database. */
final class OutsideNames {
  private final Map<Kept, Map<Long, UUID>> uids = new EnumMap<>(Kept.class);
  private final Map<Long, Long> acts = new HashMap<>();
  private final Map<Long, Integer> turns = new HashMap<>();

  /** Reads the names that a database has given. */
  static OutsideNames of(Connection connection) throws SQLException {
    var names = new OutsideNames();
    for (var kept : new Kept[] {Kept.ACT, Kept.PLANT, Kept.PLACE}) {
      names.uids.put(kept, uids(connection, kept.name()));
    }
    names.readTurns(connection);
    return names;
  }

  private static Map<Long, UUID> uids(Connection connection, String table) throws SQLException {
    var uids = new HashMap<Long, UUID>();
    try (var statement = connection.createStatement();
        var rows = statement.executeQuery("select id, uid from " + table)) {
      while (rows.next()) {
        uids.put(rows.getLong(1), rows.getObject(2, UUID.class));
      }
    }
    return uids;
  }

  private void readTurns(Connection connection) throws SQLException {
    var last = new HashMap<Long, Integer>();
    try (var statement = connection.createStatement();
        var rows = statement.executeQuery("select id, act_id from happening order by id")) {
      while (rows.next()) {
        long act = rows.getLong(2);
        acts.put(rows.getLong(1), act);
        turns.put(rows.getLong(1), last.merge(act, 1, Integer::sum));
      }
    }
  }

  String uid(Kept kept, long id) {
    return String.valueOf(uids.get(kept).get(id));
  }

  /** The act that a happening belongs to. */
  String actOf(long happening) {
    return uid(Kept.ACT, acts.get(happening));
  }

  /** Its turn within that act, counted from 1. */
  int turnOf(long happening) {
    return turns.get(happening);
  }
}
