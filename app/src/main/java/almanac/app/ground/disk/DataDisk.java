package almanac.app.ground.disk;

import almanac.app.ground.refusals.NotNow;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The disk with the collection, looked at before each write: what would not be kept is refused
 * before it begins, and taken again as soon as it would be.
 */
@Component
public class DataDisk {
  private static final long MEGABYTE = 1_000_000;

  /** Besides a copy of the collection, so much is left for its log and for what is on its way. */
  private static final long RESERVE = 16 * MEGABYTE;

  private final Path folder;
  private volatile @Nullable Object opened;
  private volatile boolean failed;

  public DataDisk(@Value("${almanac.data}") String folder) throws IOException {
    this.folder = Path.of(folder);
    opened = file();
  }

  /** The folder with the collection. */
  public Path folder() {
    return folder;
  }

  /** The file with the collection. */
  public Path database() {
    return DatabaseFile.in(folder).file();
  }

  /** The file of the collection is another one from now on, or was opened anew. */
  public void replaced() throws IOException {
    opened = file();
    failed = false;
  }

  /** It failed while the file was read or written; nothing is kept until that is opened anew. */
  public void failed() {
    failed = true;
  }

  /** Whether the file waits to be opened anew, and the disk would keep what is written then. */
  public boolean canBeOpenedAnew() {
    return failed && troubleOfItsOwn().isEmpty();
  }

  /**
   * @throws NotNow in a sentence, if what is written now would not be kept
   */
  public void refuseUnlessKept() {
    trouble()
        .ifPresent(
            trouble -> {
              throw new NotNow(trouble + " Nothing was saved.");
            });
  }

  /** How many bytes more may be laid on it, so that a last backup still fits. */
  public long room() throws IOException {
    return Files.getFileStore(folder).getUsableSpace() - kept();
  }

  private long kept() throws IOException {
    return RESERVE + Files.size(database());
  }

  /** What is wrong with the disk, in sentences; nothing if it keeps what is written. */
  public Optional<String> trouble() {
    var own = troubleOfItsOwn();
    return own.isPresent() || !failed
        ? own
        : Optional.of(
            "The disk with the collection failed while something was written. The collection is being opened anew; saving goes on in a moment.");
  }

  private Optional<String> troubleOfItsOwn() {
    try {
      if (!Objects.equals(opened, file())) {
        return Optional.of(
            "The file with the collection in %s is not the one that was opened; something has put another in its place. Close Mellow Almanac and look there before you start it again."
                .formatted(folder));
      }
      if (!Files.isWritable(folder)) {
        return Optional.of(
            "The disk with the collection (%s) can be read, but not written.".formatted(folder));
      }
      long room = room();
      if (room < 0) {
        return Optional.of(
            "The disk with the collection is full: %d MB are free, and %d MB are kept for a last backup. Reading goes on; make room, and saving goes on by itself."
                .formatted((kept() + room) / MEGABYTE, kept() / MEGABYTE));
      }
      return Optional.empty();
    } catch (IOException e) {
      return Optional.of(
          "The disk with the collection (%s) is gone. Bring it back, and saving goes on by itself."
              .formatted(folder));
    }
  }

  /** What tells one file from another of the same name; nothing where files have no such mark. */
  private @Nullable Object file() throws IOException {
    return Files.readAttributes(database(), BasicFileAttributes.class).fileKey();
  }
}
