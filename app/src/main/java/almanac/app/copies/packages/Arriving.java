package almanac.app.copies.packages;

import almanac.app.copies.schema.Contents;
import almanac.app.ground.disk.DatabaseFile;
import almanac.app.ground.disk.OnDisk;
import almanac.app.ground.disk.Owner;
import almanac.app.ground.disk.Sha256;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Comparator;

/**
 * A package that was unpacked and read whole beside the collection, and not taken in yet.
 *
 * @param folder of its own
 * @param contents what it holds
 */
public record Arriving(Path folder, Contents contents) implements AutoCloseable {
  /** How the names begin of what is on its way in. */
  static final String PREFIX = "almanac-arriving";

  /**
   * Unpacks a package and reads all of it.
   *
   * @param beside the folder of the collection
   * @throws BadPackage in a sentence, if it cannot be taken in; then nothing is kept of it
   */
  public static Arriving of(Path file, Path beside) throws IOException, SQLException {
    var folder = Files.createTempDirectory(beside, PREFIX);
    try {
      return new Arriving(
          folder, Intake.of(file, DatabaseFile.in(folder).name(), photographs(folder)));
    } catch (IOException | SQLException | RuntimeException bad) {
      remove(folder);
      throw bad;
    }
  }

  public Path database() {
    return DatabaseFile.in(folder).file();
  }

  /** The folder with its photographs. */
  public Path photographs() {
    return photographs(folder);
  }

  private static Path photographs(Path folder) {
    return folder.resolve("photographs");
  }

  /**
   * Lays its photographs among the others; one that is there already is replaced if it is another.
   */
  public void settlePhotographs(Path photographs) throws IOException {
    Owner.folder(photographs);
    try (var files = Files.newDirectoryStream(photographs(folder))) {
      for (var file : files) {
        var to = photographs.resolve(file.getFileName());
        if (!Files.exists(to) || !Sha256.of(to).equals(Sha256.of(file))) {
          OnDisk.place(file, to);
        }
      }
    }
  }

  /** Leaves nothing of it beside the collection. */
  @Override
  public void close() throws IOException {
    remove(folder);
  }

  /** Removes a folder with all that is in it, if it is there. */
  static void remove(Path folder) throws IOException {
    if (!Files.exists(folder)) {
      return;
    }
    try (var files = Files.walk(folder)) {
      for (var file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(file);
      }
    }
  }
}
