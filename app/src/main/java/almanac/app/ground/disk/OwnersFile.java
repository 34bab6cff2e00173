package almanac.app.ground.disk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Files that nobody but their owner can read. */
public final class OwnersFile {
  private OwnersFile() {}

  /** Keeps one in a folder of such files, whole or as it was. */
  public static void keep(Path file, byte[] content) throws IOException {
    var folder = file.getParent();
    Files.createDirectories(folder);
    Owner.only(folder);
    var aside = OnDisk.aside(file);
    Files.deleteIfExists(aside);
    Files.createFile(aside);
    Owner.only(aside);
    Files.write(aside, content);
    OnDisk.place(aside, file);
  }
}
