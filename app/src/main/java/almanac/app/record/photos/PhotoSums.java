package almanac.app.record.photos;

import almanac.app.ground.disk.Sha256;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;

/** What the files of photographs were when they came, so that a damaged one is known. */
public final class PhotoSums {
  private PhotoSums() {}

  /**
   * Those that are known, by the names of the files.
   *
   * @param connection to a database of a schema that has them
   */
  public static Map<String, String> of(Connection connection) throws SQLException {
    var sums = new LinkedHashMap<String, String>();
    try (var statement = connection.createStatement();
        var rows =
            statement.executeQuery("select file, digest, small_digest from photo order by file")) {
      while (rows.next()) {
        Iterator<String> files = PhotoFiles.names(rows.getString(1)).iterator();
        for (int column = 2; files.hasNext(); column++) {
          var file = files.next();
          var sum = rows.getString(column);
          if (sum != null) {
            sums.put(file, sum);
          }
        }
      }
    }
    return sums;
  }

  /** Writes down those that are not known yet, such as of photographs that came before them. */
  public static void complete(Connection connection, Path folder) throws IOException, SQLException {
    try (var statement = connection.createStatement();
        var rows =
            statement.executeQuery(
                "select id, file from photo where digest is null or small_digest is null");
        var update =
            connection.prepareStatement(
                "update photo set digest = ?, small_digest = ? where id = ?")) {
      while (rows.next()) {
        int column = 1;
        for (var name : PhotoFiles.names(rows.getString(2))) {
          var file = folder.resolve(name);
          update.setString(column++, Files.exists(file) ? Sha256.of(file) : null);
        }
        update.setLong(column, rows.getLong(1));
        update.addBatch();
      }
      update.executeBatch();
    }
  }

  /** Whether a file is there and, as far as that is known, as it came. */
  public static boolean sound(Path file, Map<String, String> sums) throws IOException {
    if (!Files.isRegularFile(file)) {
      return false;
    }
    var sum = sums.get(file.getFileName().toString());
    return sum == null ? Files.size(file) > 0 : sum.equals(Sha256.of(file));
  }
}
