package almanac.app.disk;

import java.io.IOException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;

/** Files that nobody but their owner can read. */
public final class OwnersFile {
  private OwnersFile() {}

  /** Keeps one in a folder of such files, whole or as it was. */
  public static void keep(Path file, byte[] content) throws IOException {
    var folder = file.getParent();
    Files.createDirectories(folder);
    var aside = OnDisk.aside(file);
    Files.deleteIfExists(aside);
    Files.createFile(aside);
    if (FileSystems.getDefault().supportedFileAttributeViews().contains("posix")) {
      Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
      Files.setPosixFilePermissions(aside, PosixFilePermissions.fromString("rw-------"));
    }
    Files.write(aside, content);
    OnDisk.place(aside, file);
  }
}
