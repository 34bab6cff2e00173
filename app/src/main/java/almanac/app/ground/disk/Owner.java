package almanac.app.ground.disk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;

/** What only its owner can read or write, where the disk knows of owners. */
public final class Owner {
  private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");
  private static final Set<PosixFilePermission> FOLDER =
      PosixFilePermissions.fromString("rwx------");

  private Owner() {}

  /** From now on it is the owner's alone. */
  public static void only(Path path) throws IOException {
    // Not by a view that does not follow links: it opens the file, and closing it again gives up
    // every lock that this program holds on it.
    var view = Files.getFileAttributeView(path, PosixFileAttributeView.class);
    if (view == null || Files.isSymbolicLink(path)) {
      return;
    }
    try {
      var wanted = Files.isDirectory(path) ? FOLDER : FILE;
      if (!view.readAttributes().permissions().equals(wanted)) {
        view.setPermissions(wanted);
      }
    } catch (UnsupportedOperationException | java.nio.file.FileSystemException without) {
      // A disk such as is carried from one system to the other knows of none.
    }
  }

  /** A folder that is made if it is not there, for the owner alone. */
  public static void folder(Path folder) throws IOException {
    if (!Files.isDirectory(folder)) {
      Files.createDirectories(folder);
      only(folder);
    }
  }
}
