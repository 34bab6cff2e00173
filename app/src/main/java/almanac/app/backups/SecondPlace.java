package almanac.app.backups;

import almanac.app.disk.OnDisk;
import almanac.app.refusals.BadEntry;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;

/**
 * Where backups lie once more, such as another disk or a folder that is carried elsewhere. It is
 * kept beside the backups and not in the collection, so that it stays when another is brought back.
 */
record SecondPlace(BackupFolder first) {
  private static final String KEPT_IN = "second-place";

  Optional<Path> folder() {
    try {
      var kept = Files.readString(file()).strip();
      return kept.isEmpty() ? Optional.empty() : Optional.of(Path.of(kept));
    } catch (NoSuchFileException nowhere) {
      return Optional.empty();
    } catch (IOException | InvalidPathException unreadable) {
      return Optional.empty();
    }
  }

  /**
   * Names it, or none any more; what lies there stays.
   *
   * @param folder empty for none
   * @throws BadEntry if nothing can be kept there
   */
  void move(String folder) throws IOException {
    var wanted = folder.isBlank() ? "" : checked(folder.strip()).toString();
    Files.createDirectories(first.folder());
    OnDisk.write(file(), wanted.getBytes(StandardCharsets.UTF_8));
  }

  private Path checked(String folder) {
    Path path;
    try {
      path = Path.of(folder);
    } catch (InvalidPathException e) {
      throw new BadEntry("folder", "This is not the name of a folder.");
    }
    if (!path.isAbsolute()) {
      throw new BadEntry(
          "folder", "Name the folder from the root on, such as /media/disk/almanac.");
    }
    if (path.normalize().startsWith(first.folder().normalize().getParent())) {
      throw new BadEntry(
          "folder", "This lies in the folder of the collection; name another place.");
    }
    if (!Files.isDirectory(path)) {
      throw new BadEntry("folder", "There is no such folder; make it, or bring its disk, first.");
    }
    if (!Files.isWritable(path)) {
      throw new BadEntry("folder", "Nothing can be written into this folder.");
    }
    return path.normalize();
  }

  private Path file() {
    return first.folder().resolve(KEPT_IN);
  }
}
