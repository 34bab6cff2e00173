package almanac.app.copies.packages;

import almanac.app.copies.packages.Column.Kept;
import almanac.app.copies.schema.Contents;
import almanac.app.copies.schema.Schema;
import almanac.app.ground.refusals.BadCell;
import almanac.app.ground.refusals.Sentences;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Makes a database of a package of tables, of this program or an older one. */
public final class Intake {
  /** The first schema in which all that is referred to has a name outside the database. */
  private static final int FIRST_CARRIED = 13;

  private static final int AT_ONCE = 500;

  /** Ten years of five thousand plants have half of it; their names are held in memory. */
  private static final int MOST_ROWS = 1_500_000;

  private final Unpacking zip;
  private final Map<Kept, Map<String, Long>> ids = new EnumMap<>(Kept.class);

  private Intake(Unpacking zip) {
    this.zip = zip;
  }

  /**
   * Makes a database of a package, reads all of it, and lays its photographs into a folder.
   *
   * @param database without its ending; there must be none yet
   * @return what it holds
   * @throws BadPackage in a sentence, if it cannot be taken in
   */
  public static Contents of(Path file, Path database, Path photographs)
      throws IOException, SQLException {
    try (var zip = new Unpacking(file)) {
      int schema = schema(zip);
      Schema.make(database, schema);
      new Intake(zip).fill(database, schema);
      bringUpToDate(database);
      Photographs.unpack(zip, database, photographs);
      return Contents.of(database);
    }
  }

  private static int schema(Unpacking zip) throws IOException {
    var described = Described.of(zip);
    int schema = described.schema();
    if (described.format() > Description.FORMAT || schema > Schema.LATEST) {
      throw new BadPackage(
          "This package was made by a newer Mellow Almanac; take it in with that one.");
    }
    if (schema < FIRST_CARRIED) {
      throw new BadPackage("This package does not say that it was made by Mellow Almanac.");
    }
    return schema;
  }

  private static void bringUpToDate(Path database) throws SQLException {
    try {
      Schema.bringUpToDate(database);
    } catch (RuntimeException e) {
      throw new BadPackage(
          "The tables do not make up a collection: %s.".formatted(Sentences.of(e)));
    }
  }

  private void fill(Path database, int schema) throws IOException, SQLException {
    try (var connection = Schema.openToFill(database)) {
      var tables = Layout.of(connection, schema);
      for (var table : tables) {
        if (table.numbered() != null) {
          number(table);
        }
      }
      connection.setAutoCommit(false);
      execute(connection, "set referential_integrity false");
      for (var table : tables) {
        insert(connection, table);
      }
      connection.commit();
      connection.setAutoCommit(true);
      for (var table : tables) {
        finish(connection, table);
      }
    }
  }

  /** Gives numbers to what is referred to, in the order of the rows. */
  private void number(Layout.Table table) throws IOException {
    var numbers = new HashMap<String, Long>();
    try (var rows = new Rows(zip, table)) {
      while (rows.next()) {
        if (numbers.size() == MOST_ROWS) {
          throw rows.bad("there are more rows than any collection has");
        }
        var name = name(rows, table.numbered());
        if (numbers.put(name, numbers.size() + 1L) != null) {
          throw rows.bad("it is there twice");
        }
      }
    }
    ids.put(table.numbered(), numbers);
  }

  private static String name(Rows rows, Kept kept) {
    return kept == Kept.HAPPENING ? ofHappening(rows) : rows.cell("uid");
  }

  private static String ofHappening(Rows rows) {
    return rows.cell("act") + "/" + rows.cell("happening");
  }

  private void insert(Connection connection, Layout.Table table) throws IOException, SQLException {
    boolean numbered = table.numbered() != null;
    var columns =
        Stream.concat(
                table.columns().stream().map(column -> "\"" + column.source() + "\""),
                numbered ? Stream.of("\"ID\"") : Stream.empty())
            .toList();
    var statement =
        "insert into \"%s\" (%s) values (%s)"
            .formatted(
                table.name(),
                String.join(", ", columns),
                columns.stream().map(column -> "?").collect(Collectors.joining(", ")));
    try (var rows = new Rows(zip, table);
        var insert = connection.prepareStatement(statement)) {
      var waiting = new ArrayList<@Nullable Object[]>();
      long first = 2;
      while (rows.next()) {
        waiting.add(values(rows, table));
        if (waiting.size() == AT_ONCE) {
          write(insert, waiting, table, first);
          first = rows.number() + 1;
        }
      }
      write(insert, waiting, table, first);
    }
  }

  private @Nullable Object[] values(Rows rows, Layout.Table table) {
    var values = new ArrayList<@Nullable Object>();
    for (var column : table.columns()) {
      values.add(value(rows, column));
    }
    if (table.numbered() != null) {
      values.add(ids.get(table.numbered()).get(name(rows, table.numbered())));
    }
    return values.toArray();
  }

  private @Nullable Object value(Rows rows, Column column) {
    var refers = column.refers();
    try {
      if (refers == null) {
        return column.value().value(rows.cell(column.name()), column.required());
      }
    } catch (BadCell bad) {
      throw rows.bad("%s: %s".formatted(column.name(), bad.getMessage()));
    }
    var name = refers == Kept.HAPPENING ? ofHappening(rows) : rows.cell(column.name());
    if (name.isEmpty() && !column.required()) {
      return null;
    }
    var id = ids.get(refers).get(name);
    if (id == null) {
      throw rows.bad(
          "%s: there is no %s “%s”"
              .formatted(column.name(), refers.name().toLowerCase(Locale.ROOT), name));
    }
    return id;
  }

  /** Many rows at once; where that fails, one by one, to name the one at fault. */
  private static void write(
      PreparedStatement insert, List<@Nullable Object[]> rows, Layout.Table table, long first)
      throws SQLException {
    var before = insert.getConnection().setSavepoint();
    try {
      for (var row : rows) {
        set(insert, row);
        insert.addBatch();
      }
      insert.executeBatch();
    } catch (SQLException some) {
      insert.getConnection().rollback(before);
      for (int i = 0; i < rows.size(); i++) {
        try {
          set(insert, rows.get(i));
          insert.execute();
        } catch (SQLException bad) {
          throw BadPackage.at(table.file(), first + i, why(bad));
        }
      }
      throw some;
    } finally {
      rows.clear();
    }
  }

  private static String why(SQLException bad) {
    return bad.getErrorCode() == 23505
        ? "what must be there once is there twice (%s)".formatted(Sentences.of(bad))
        : Sentences.of(bad);
  }

  private static void set(PreparedStatement insert, @Nullable Object[] row) throws SQLException {
    for (int i = 0; i < row.length; i++) {
      insert.setObject(i + 1, row[i]);
    }
  }

  /** What is numbered goes on behind the last, and what is referred to must be there. */
  private void finish(Connection connection, Layout.Table table) throws SQLException {
    if (table.numbered() != null) {
      execute(
          connection,
          "alter table \"%s\" alter column id restart with %d"
              .formatted(table.name(), ids.get(table.numbered()).size() + 1));
    }
    try {
      execute(
          connection,
          "alter table \"%s\" set referential_integrity true check".formatted(table.name()));
    } catch (SQLException missing) {
      throw new BadPackage(
          "%s refers to something that is not there: %s."
              .formatted(table.file(), Sentences.of(missing)));
    }
  }

  private static void execute(Connection connection, String sql) throws SQLException {
    try (var statement = connection.createStatement()) {
      statement.execute(sql);
    }
  }
}
