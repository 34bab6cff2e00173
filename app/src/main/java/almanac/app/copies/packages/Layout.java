package almanac.app.copies.packages;

import almanac.app.copies.packages.Column.Kept;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Which tables and columns of a database are carried, and in what order, as its own description
 * says: what is added to it later is carried without being named here.
 */
final class Layout {
  /** What follows from the rest, or is of no use elsewhere. */
  static final Set<String> LEFT_OUT = Set.of("SPEAKING", "SENT", "flyway_schema_history");

  private static final Set<String> COLUMNS_LEFT_OUT = Set.of("SENT_KEY");
  private static final String ID = "ID";
  private static final String OF = "_ID";

  /** What others refer to by a number. */
  private static final Map<String, Kept> NUMBERED =
      Arrays.stream(Kept.values()).collect(Collectors.toMap(Kept::name, Function.identity()));

  private static final Map<Integer, List<Table>> KNOWN = new ConcurrentHashMap<>();

  /**
   * A table.
   *
   * @param name in the database
   * @param numbered as what its own numbers are known; null if they are nowhere referred to
   * @param order by which columns its rows are carried
   * @param ownNumber whether a number is given to each row that is not carried
   */
  record Table(
      String name,
      List<Column> columns,
      @Nullable Kept numbered,
      List<String> order,
      boolean ownNumber) {
    String file() {
      return name.toLowerCase(Locale.ROOT) + ".csv";
    }

    String resource() {
      return name.toLowerCase(Locale.ROOT).replace('_', '-');
    }
  }

  private record Reference(String table, String column) {}

  private final Connection connection;
  private final Map<String, Map<String, Reference>> references = new HashMap<>();

  private Layout(Connection connection) {
    this.connection = connection;
  }

  /**
   * The tables of a database, each after those that it refers to.
   *
   * @param schema its own; all of one schema are laid out alike, and it is read once
   */
  static List<Table> of(Connection connection, int schema) throws SQLException {
    var known = KNOWN.get(schema);
    if (known == null) {
      known = List.copyOf(new Layout(connection).tables());
      KNOWN.put(schema, known);
    }
    return known;
  }

  private List<Table> tables() throws SQLException {
    var names = new ArrayList<String>();
    try (var statement = connection.createStatement();
        var rows =
            statement.executeQuery(
                "select table_name from information_schema.tables"
                    + " where table_schema = 'PUBLIC' order by table_name")) {
      while (rows.next()) {
        if (!LEFT_OUT.contains(rows.getString(1))) {
          names.add(rows.getString(1));
        }
      }
    }
    for (var name : names) {
      references.put(name, referencesOf(name));
    }
    var tables = new ArrayList<Table>();
    for (var name : inOrder(names)) {
      tables.add(table(name));
    }
    return tables;
  }

  private Map<String, Reference> referencesOf(String table) throws SQLException {
    var of = new HashMap<String, Reference>();
    try (var keys = connection.getMetaData().getImportedKeys(null, "PUBLIC", table)) {
      while (keys.next()) {
        of.put(
            keys.getString("FKCOLUMN_NAME"),
            new Reference(keys.getString("PKTABLE_NAME"), keys.getString("PKCOLUMN_NAME")));
      }
    }
    return of;
  }

  private Set<String> inOrder(List<String> names) {
    var placed = new LinkedHashSet<String>();
    names.forEach(name -> place(name, placed, new HashSet<>()));
    return placed;
  }

  private void place(String name, Set<String> placed, Set<String> entered) {
    if (placed.contains(name) || !entered.add(name)) {
      return;
    }
    references.get(name).values().stream()
        .map(Reference::table)
        .sorted()
        .forEach(other -> place(other, placed, entered));
    placed.add(name);
  }

  private Table table(String name) throws SQLException {
    var columns = new ArrayList<Column>();
    boolean ownNumber = false;
    try (var query =
        connection.prepareStatement(
            "select column_name, data_type, is_nullable, is_identity"
                + " from information_schema.columns"
                + " where table_schema = 'PUBLIC' and table_name = ? order by ordinal_position")) {
      query.setString(1, name);
      try (var rows = query.executeQuery()) {
        while (rows.next()) {
          var column = rows.getString(1);
          if (column.equals(ID) && rows.getString(4).equals("YES")) {
            ownNumber = true;
          } else if (!COLUMNS_LEFT_OUT.contains(column)) {
            columns.add(
                column(name, column, Value.of(rows.getString(2)), rows.getString(3).equals("NO")));
          }
        }
      }
    }
    var numbered = NUMBERED.get(name);
    return new Table(
        name, columns, numbered, ownNumber ? List.of(ID) : primaryKey(name), ownNumber);
  }

  private Column column(String table, String column, Value value, boolean required) {
    var refers = refers(table, column);
    var name = column.toLowerCase(Locale.ROOT);
    return new Column(
        refers != null && column.endsWith(OF)
            ? name.substring(0, name.length() - OF.length())
            : name,
        column,
        value,
        required,
        refers);
  }

  /** Along the references to what is numbered, if they lead there. */
  private @Nullable Kept refers(String table, String column) {
    var reference = references.get(table).get(column);
    if (reference == null) {
      return null;
    }
    return reference.column().equals(ID)
        ? NUMBERED.get(reference.table())
        : refers(reference.table(), reference.column());
  }

  private List<String> primaryKey(String table) throws SQLException {
    var key = new TreeMap<Integer, String>();
    try (var rows = connection.getMetaData().getPrimaryKeys(null, "PUBLIC", table)) {
      while (rows.next()) {
        key.put(rows.getInt("KEY_SEQ"), rows.getString("COLUMN_NAME"));
      }
    }
    return List.copyOf(key.values());
  }
}
