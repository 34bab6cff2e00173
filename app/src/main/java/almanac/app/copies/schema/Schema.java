package almanac.app.copies.schema;

import almanac.app.ground.disk.DatabaseFile;
import almanac.app.record.collection.WholeCollection;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/**
 * The tables of a database file. They are made and changed while nobody else has the file open, and
 * the file is closed afterwards: H2 keeps the session that made a constraint in the constraint, and
 * a session of a pool does not last.
 */
public final class Schema {
  /** The newest of the migrations that ship with the program. */
  public static final int LATEST = 24;

  /** So many statements a session keeps as it has worked them out; a plant's page asks about 20. */
  private static final int STATEMENTS = 60;

  private static final String USER = "sa";
  private static final String HISTORY = "flyway_schema_history";

  /**
   * Empty databases by their schema, some 130 kB each: one that is written is there much sooner.
   */
  private static final Map<Integer, byte[]> EMPTY = new ConcurrentHashMap<>();

  /** Where the rows of a table went that is no longer there. */
  private static final Map<String, String> TAKEN_OVER_BY =
      Map.of(
          "BENCH", "PLACE",
          "BENCH_MEAN", "PLACE_MEAN",
          "CHECK_ANSWER", "CHECKED",
          "DEVIATION", "OWN_TRAIT",
          "ENTRY", "ACT",
          "LOOK", "LOOKED",
          "OWN_PROFILE", "OWN_KIND",
          "PLANT_CHANGE", "RECOUNTED",
          "POTTING", "POTTED",
          "POTTING_PART", "POTTED_PART");

  private Schema() {}

  /**
   * What a file is.
   *
   * @param schema which one it has; nothing if it is no collection
   * @param bytes its length
   * @param idle so many of them hold nothing any more
   */
  public record State(OptionalInt schema, long bytes, long idle) {}

  /**
   * What a database is. The file is only read.
   *
   * @param file without its ending
   */
  public static State of(Path file) throws SQLException {
    try (var connection = open(file)) {
      long bytes = setting(connection, "info.FILE_SIZE");
      long used = bytes * setting(connection, "info.CHUNKS_FILL_RATE") / 100;
      return new State(schema(connection), bytes, bytes - used);
    }
  }

  private static long setting(Connection connection, String name) throws SQLException {
    try (var query =
        connection.prepareStatement(
            "select cast(setting_value as bigint) from information_schema.settings"
                + " where setting_name = ?")) {
      query.setString(1, name);
      try (var row = query.executeQuery()) {
        row.next();
        return row.getLong(1);
      }
    }
  }

  private static OptionalInt schema(Connection connection) throws SQLException {
    if (!tables(connection).containsKey(HISTORY)) {
      return OptionalInt.empty();
    }
    try (var statement = connection.createStatement();
        var newest =
            statement.executeQuery(
                "select max(cast(\"version\" as integer)) from \"%s\" where \"success\""
                    .formatted(HISTORY))) {
      newest.next();
      return OptionalInt.of(newest.getInt(1));
    }
  }

  /**
   * Brings a database to the newest schema, makes it if it is not there, and reads all of it.
   *
   * @param file without its ending
   * @throws IllegalStateException if rows were lost or a plant cannot be read afterwards
   */
  public static void bringUpToDate(Path file) throws SQLException {
    try (var connection = DriverManager.getConnection(address(file), USER, "")) {
      var before = tables(connection);
      var source = new SingleConnectionDataSource(connection, true);
      migrate(source);
      var after = tables(connection);
      before.forEach(
          (table, rows) -> {
            var now = TAKEN_OVER_BY.getOrDefault(table, table);
            if (!table.equals(HISTORY) && after.getOrDefault(now, rows) < rows) {
              throw new IllegalStateException(
                  "of %d rows in “%s” only %d are left".formatted(rows, table, after.get(now)));
            }
          });
      WholeCollection.read(source);
    }
  }

  /**
   * Makes an empty database of an older schema, or of the newest.
   *
   * @param file without its ending; there must be none yet
   */
  public static void make(Path file, int schema) throws IOException, SQLException {
    var made = Path.of(file + ".mv.db");
    var empty = EMPTY.get(schema);
    if (empty != null) {
      Files.write(made, empty);
      return;
    }
    try (var connection = DriverManager.getConnection(address(file), USER, "")) {
      Flyway.configure()
          .dataSource(new SingleConnectionDataSource(connection, true))
          .target(String.valueOf(schema))
          .load()
          .migrate();
    }
    EMPTY.put(schema, Files.readAllBytes(made));
  }

  /** A database that is being made, and that nobody else sees before it is whole. */
  public static Connection openToFill(Path file) throws SQLException {
    return DriverManager.getConnection(address(file) + ";IFEXISTS=TRUE", USER, "");
  }

  /**
   * Writes a database anew, without what was given up. What a crash left half done is rolled back
   * first: the file alone does not tell to which tables it belongs.
   *
   * @param from which nobody writes meanwhile
   * @param made what it becomes
   */
  public static void writeAnew(DatabaseFile from, DatabaseFile made)
      throws IOException, SQLException {
    Files.copy(from.file(), made.file(), StandardCopyOption.REPLACE_EXISTING);
    try (var connection = openToFill(made.name());
        var statement = connection.createStatement()) {
      statement.execute("SHUTDOWN COMPACT");
    }
  }

  private static void migrate(DataSource source) {
    Flyway.configure().dataSource(source).load().migrate();
  }

  private static Map<String, Long> tables(Connection connection) throws SQLException {
    var rows = new LinkedHashMap<String, Long>();
    try (var statement = connection.createStatement();
        var names =
            statement.executeQuery(
                "select table_name from information_schema.tables where table_schema = 'PUBLIC'")) {
      while (names.next()) {
        rows.put(names.getString(1), 0L);
      }
    }
    for (var table : rows.keySet()) {
      try (var statement = connection.createStatement();
          var count = statement.executeQuery("select count(*) from \"%s\"".formatted(table))) {
        count.next();
        rows.put(table, count.getLong(1));
      }
    }
    return rows;
  }

  /** A database that is only read, and must be there. */
  public static Connection open(Path file) throws SQLException {
    return open(file, ";IFEXISTS=TRUE;ACCESS_MODE_DATA=r");
  }

  private static Connection open(Path file, String how) throws SQLException {
    return DriverManager.getConnection(url(file) + how, USER, "");
  }

  /** The address of a database; what is committed is written before anybody is told so. */
  public static String url(Path file) {
    return address(file) + ";WRITE_DELAY=0;QUERY_CACHE_SIZE=" + STATEMENTS;
  }

  /** The address of a database that nobody else sees before it is written whole. */
  private static String address(Path file) {
    return "jdbc:h2:file:" + file.toString().replace(";", "\\;");
  }
}
