package almanac.app.copies.backups;

import almanac.app.ground.refusals.BadEntry;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.StreamSupport;

/** Which folders can be a second place for backups. */
final class PlaceForBackups {
  private static final String FIELD = "folder";

  /** Those of the system; what users and their disks have lies elsewhere, or deeper in /run. */
  private static final List<String> OF_THE_SYSTEM =
      List.of(
          "bin",
          "boot",
          "dev",
          "etc",
          "lib",
          "lib32",
          "lib64",
          "libx32",
          "proc",
          "sbin",
          "snap",
          "sys",
          "usr",
          "var",
          "Windows",
          "Program Files",
          "Program Files (x86)",
          "System",
          "Library",
          "Applications");

  private static final Path DISKS_OF_USERS = Path.of("/run/media");
  private static final Path RUN = Path.of("/run");

  /** A folder of another collection, or of backups. */
  private static final List<String> MARKS = List.of("almanac.mv.db", "almanac.lock");

  private PlaceForBackups() {}

  /**
   * The folder of that name.
   *
   * @param collection the folder of the collection
   * @throws BadEntry if it is no place for backups
   */
  static Path checked(String typed, Path collection) throws IOException {
    var named = named(typed);
    if (!Files.isDirectory(named)) {
      throw new BadEntry(FIELD, "There is no such folder; make it, or bring its disk, first.");
    }
    var path = named.toRealPath();
    if (path.startsWith(collection.toRealPath())) {
      throw new BadEntry(FIELD, "This lies in the folder of the collection; name another place.");
    }
    if (path.getParent() == null || ofTheSystem(path)) {
      throw new BadEntry(FIELD, "This folder belongs to the system; name one of your own.");
    }
    if (hidden(path)) {
      throw new BadEntry(FIELD, "This folder belongs to another program; name one of your own.");
    }
    if (ofAnotherCollection(path)) {
      throw new BadEntry(
          FIELD, "Another collection, or its backups, lies in this folder; name one beside it.");
    }
    if (!Files.isWritable(path)) {
      throw new BadEntry(FIELD, "Nothing can be written into this folder.");
    }
    return path;
  }

  private static Path named(String typed) {
    try {
      var path = Path.of(typed);
      if (path.isAbsolute()) {
        return path;
      }
    } catch (InvalidPathException e) {
      throw new BadEntry(FIELD, "This is not the name of a folder.");
    }
    throw new BadEntry(FIELD, "Name the folder from the root on, such as /media/disk/almanac.");
  }

  private static boolean ofTheSystem(Path path) {
    return OF_THE_SYSTEM.contains(path.getName(0).toString())
        || path.startsWith(RUN) && !(path.startsWith(DISKS_OF_USERS) && path.getNameCount() > 3);
  }

  private static boolean hidden(Path path) {
    return StreamSupport.stream(path.spliterator(), false)
        .anyMatch(name -> name.toString().startsWith("."));
  }

  private static boolean ofAnotherCollection(Path path) {
    for (var folder = path; folder != null; folder = folder.getParent()) {
      var each = folder;
      if (MARKS.stream().anyMatch(mark -> Files.exists(each.resolve(mark)))
          || Files.exists(each.resolve(SecondPlace.MARK))) {
        return true;
      }
    }
    return false;
  }
}
