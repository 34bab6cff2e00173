package almanac.app.start;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Objects;
import java.util.zip.ZipInputStream;
import org.flywaydb.core.Flyway;

/** Collections as former versions of the program have kept them. */
public final class OlderData {
  private OlderData() {}

  /** An empty collection of a former schema. */
  public static Connection schema(Path data, int version) throws SQLException {
    var url = "jdbc:h2:file:" + data.resolve("almanac");
    Flyway.configure().dataSource(url, "sa", "").target(String.valueOf(version)).load().migrate();
    return DriverManager.getConnection(url, "sa", "");
  }

  /** A folder that a former build of the program has kept, as it left it. */
  public static void unpack(String zip, Path data) throws IOException {
    try (var files =
        new ZipInputStream(
            Objects.requireNonNull(OlderData.class.getResourceAsStream("/older/" + zip)))) {
      for (var file = files.getNextEntry(); file != null; file = files.getNextEntry()) {
        var kept = data.resolve(file.getName());
        if (!file.isDirectory()) {
          Files.createDirectories(Objects.requireNonNull(kept.getParent()));
          Files.copy(files, kept);
        }
      }
    }
  }

  public static void firstVersion(Path data) throws SQLException {
    try (var connection = schema(data, 1);
        var statement = connection.createStatement()) {
      for (var sql :
          new String[] {
            "insert into bench (name, controlled) values ('Wash house', true), ('Sill', false)",
            "insert into plant (number, label, profile, bench_id, added_on)"
                + " values ('24-001', 'Oncidium Old Ledger', 'oncidium', 1, date '2024-06-01'),"
                + " ('24-002', 'Vanda Old Bell', 'vanda', 2, date '2024-06-02')",
            "insert into entry (plant_id, kind, happened_on, recorded_on, supersedes, note)"
                + " values (1, 'POTTING', date '2024-06-01', date '2024-06-01', null, ''),"
                + " (2, 'POTTING', date '2024-06-02', date '2024-06-02', null, ''),"
                + " (1, 'INSPECTION', date '2024-07-01', date '2024-07-01', null, 'by lamp light'),"
                + " (1, 'INSPECTION', date '2024-07-01', date '2024-07-02', 3, 'looked again')",
            "insert into potting (entry_id, potted_on, moisture, in_flower)"
                + " values (1, '2024-05', 'KEPT_MOIST', false),"
                + " (2, 'unknown', 'DRIES_BETWEEN', true)",
            "insert into potting_part (entry_id, component, parts)"
                + " values (1, 'BARK_FINE', 3), (1, 'PERLITE', 1), (2, 'CORK_CHARCOAL', 1)",
            "insert into look (entry_id, item, answers, measured)"
                + " values (3, 'newRoots', 'NONE', null), (4, 'newRoots', 'NUB', 8),"
                + " (4, 'pests', 'SCALE MITES', null)",
            "insert into booked_check (entry_id, purpose, early, best, late)"
                + " values (4, 'AS_JUDGED', date '2027-05-10', date '2027-05-14',"
                + " date '2027-05-20'), (2, 'FIRST_LOOK', date '2024-06-02', date '2024-06-05',"
                + " date '2024-06-09')",
            "insert into setting (name, content) values ('latitude', '56.0')"
          }) {
        statement.execute(sql);
      }
    }
  }
}
