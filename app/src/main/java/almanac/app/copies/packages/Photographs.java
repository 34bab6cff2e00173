package almanac.app.copies.packages;

import almanac.app.copies.schema.Schema;
import almanac.app.record.photos.PhotoFiles;
import almanac.app.record.photos.PhotoSums;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.HashSet;

/** The photographs of a package: those that its tables name, each as it was, and no others. */
final class Photographs {
  private Photographs() {}

  /**
   * Lays them into a folder.
   *
   * @param database of the package, up to date
   * @throws BadPackage naming one that is missing, damaged, or named by no table
   */
  static void unpack(Unpacking zip, Path database, Path folder) throws IOException, SQLException {
    try (var connection = Schema.openToFill(database)) {
      var known = PhotoSums.of(connection);
      var named = new HashSet<String>();
      try (var statement = connection.createStatement();
          var rows = statement.executeQuery("select file from photo")) {
        while (rows.next()) {
          named.addAll(PhotoFiles.names(rows.getString(1)));
        }
      }
      for (var name : named) {
        var file = PackageCarried.PHOTOGRAPHS + name;
        if (!zip.has(file)) {
          throw new BadPackage("The package has no %s, which photo.csv names.".formatted(file));
        }
        if (!known.getOrDefault(name, zip.sum(file)).equals(zip.sum(file))) {
          throw Unpacking.damaged(file);
        }
      }
      Files.createDirectories(folder);
      for (var name : zip.photographs()) {
        if (!named.contains(name)) {
          throw new BadPackage(
              "The package holds %s%s, which is in no table."
                  .formatted(PackageCarried.PHOTOGRAPHS, name));
        }
        try (var in = zip.open(PackageCarried.PHOTOGRAPHS + name)) {
          Files.copy(in, folder.resolve(name));
        }
      }
      PhotoSums.complete(connection, folder);
    }
  }
}
