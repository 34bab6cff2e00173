package almanac.app.copies.backups;

import almanac.app.ground.disk.OnDisk;
import almanac.app.ground.disk.Owner;
import almanac.app.ground.refusals.BadEntry;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;

/**
 * Where backups lie once more, such as another disk or a folder that is carried elsewhere: in a
 * folder of this collection alone within the one that was chosen, with a mark that says whose it
 * is. Which one was chosen is kept beside the backups and not in the collection, so that it stays
 * when another is brought back.
 */
record SecondPlace(BackupFolder first) {
  /** The file by which a folder is known as one of ours. */
  static final String MARK = "mellow-almanac-backups";

  private static final String KEPT_IN = "second-place";
  private static final int SHOWN = 12;

  /** The folder that was chosen, as its owner named it. */
  Optional<Path> chosen() {
    try {
      var kept = Files.readString(file()).strip();
      return kept.isEmpty() ? Optional.empty() : Optional.of(Path.of(kept));
    } catch (NoSuchFileException nowhere) {
      return Optional.empty();
    } catch (IOException | InvalidPathException unreadable) {
      return Optional.empty();
    }
  }

  /** The folder with the backups of this collection, whether it is there or not. */
  Optional<Path> folder() throws IOException {
    var chosen = chosen();
    var identity = new Identity(first).known();
    return chosen.isEmpty() || identity.isEmpty()
        ? Optional.empty()
        : Optional.of(within(chosen.get(), identity.get()));
  }

  private static Path within(Path chosen, UUID identity) {
    return chosen.resolve(
        "mellow-almanac-" + identity.toString().replace("-", "").substring(0, SHOWN));
  }

  /**
   * The folder with the backups of this collection, ready to take them.
   *
   * @throws IOException if it cannot be had, or what is there is not ours
   */
  BackupFolder ready(Path chosen) throws IOException {
    if (!Files.isDirectory(chosen)) {
      throw new IOException("there is no such folder");
    }
    var identity = new Identity(first).get();
    var ours = within(chosen, identity);
    var mark = ours.resolve(MARK);
    if (!Files.exists(ours)) {
      Files.createDirectory(ours);
    }
    // Without a mark it is ours only if nobody has laid anything there.
    if (empty(ours)) {
      OnDisk.write(mark, identity.toString().getBytes(StandardCharsets.UTF_8));
    } else if (!Files.isRegularFile(mark)
        || !Files.readString(mark).strip().equals(identity.toString())) {
      throw new IOException("%s there is not of this collection".formatted(ours.getFileName()));
    }
    return new BackupFolder(ours);
  }

  private static boolean empty(Path folder) throws IOException {
    try (var files = Files.list(folder)) {
      return files.findAny().isEmpty();
    }
  }

  /**
   * Chooses it, or none any more; what lies there stays.
   *
   * @param folder empty for none
   * @throws BadEntry if nothing can be kept there
   */
  void choose(String folder) throws IOException {
    Owner.folder(first.folder());
    var wanted = "";
    if (!folder.isBlank()) {
      var checked = PlaceForBackups.checked(folder.strip(), first.folder().getParent());
      try {
        ready(checked);
      } catch (IOException refused) {
        throw new BadEntry(
            "folder", "Nothing can be kept there: %s.".formatted(refused.getMessage()));
      }
      wanted = checked.toString();
    }
    OnDisk.write(file(), wanted.getBytes(StandardCharsets.UTF_8));
  }

  private Path file() {
    return first.folder().resolve(KEPT_IN);
  }
}
