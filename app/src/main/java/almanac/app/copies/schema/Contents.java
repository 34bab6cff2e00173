package almanac.app.copies.schema;

import almanac.app.record.photos.PhotoSums;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a database file holds, as far as it must be told to choose between several; of every schema
 * that there ever was.
 *
 * @param schema which one it has
 * @param plants how many stand in the collection
 * @param acts how many there are in the journals
 * @param lastEntry the day when something was last written into a journal
 * @param photos the names of the photographs, without endings
 * @param sums of the files of photographs, by their names, as far as they are known
 * @param demo whether it is the invented collection
 */
public record Contents(
    int schema,
    long plants,
    long acts,
    Optional<LocalDate> lastEntry,
    List<String> photos,
    Map<String, String> sums,
    boolean demo) {
  /** The first schema that knows what the files of photographs were when they came. */
  private static final int FIRST_WITH_SUMS = 17;

  /**
   * Counts what a file holds; it is only read.
   *
   * @param file without its ending
   * @throws SQLException if it cannot be opened, or is no collection
   */
  public static Contents of(Path file) throws SQLException {
    int schema =
        Schema.of(file)
            .schema()
            .orElseThrow(() -> new SQLException("it is no collection of Mellow Almanac"));
    try (var connection = Schema.open(file)) {
      var tables = tables(connection);
      var journal = tables.contains("ACT") ? "act" : "entry";
      return new Contents(
          schema,
          number(connection, plantsIn(schema)),
          number(connection, "select count(*) from " + journal),
          Optional.ofNullable(day(connection, "select max(recorded_on) from " + journal)),
          tables.contains("PHOTO")
              ? texts(connection, "select file from photo order by file")
              : List.of(),
          schema < FIRST_WITH_SUMS ? Map.of() : PhotoSums.of(connection),
          number(
                  connection,
                  "select count(*) from setting where name = 'collection' and content = 'demo'")
              > 0);
    }
  }

  private static String plantsIn(int schema) {
    var all = "select count(*) from plant";
    if (schema < 3) {
      return all;
    }
    return all + " where status in ('GROWING', 'RECOVERING') and number is not null";
  }

  private static Set<String> tables(Connection connection) throws SQLException {
    return new HashSet<>(
        texts(
            connection,
            "select table_name from information_schema.tables where table_schema = 'PUBLIC'"));
  }

  private static long number(Connection connection, String query) throws SQLException {
    try (var statement = connection.createStatement();
        var row = statement.executeQuery(query)) {
      row.next();
      return row.getLong(1);
    }
  }

  private static @Nullable LocalDate day(Connection connection, String query) throws SQLException {
    try (var statement = connection.createStatement();
        var row = statement.executeQuery(query)) {
      row.next();
      return row.getObject(1, LocalDate.class);
    }
  }

  private static List<String> texts(Connection connection, String query) throws SQLException {
    try (var statement = connection.createStatement();
        var row = statement.executeQuery(query)) {
      var texts = new ArrayList<String>();
      while (row.next()) {
        texts.add(row.getString(1));
      }
      return texts;
    }
  }
}
