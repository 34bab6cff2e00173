package almanac.app.ground.disk;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/**
 * Files that are on the disk, and not only on their way to it, when the call comes back; for their
 * owner alone.
 */
public final class OnDisk {
  /** What a broken off write leaves behind ends so. */
  public static final String UNFINISHED = ".unfinished";

  private OnDisk() {}

  /** Writes a whole file, or leaves what was there. */
  public static void write(Path file, byte[] bytes) throws IOException {
    var aside = aside(file);
    try {
      Files.write(aside, bytes);
      place(aside, file);
    } catch (IOException | RuntimeException failed) {
      giveUp(aside);
      throw failed;
    }
  }

  /** Copies a whole file, or leaves what was there. */
  public static void copy(Path from, Path to) throws IOException {
    var aside = aside(to);
    try {
      Files.copy(from, aside, StandardCopyOption.REPLACE_EXISTING);
      place(aside, to);
    } catch (IOException | RuntimeException failed) {
      giveUp(aside);
      throw failed;
    }
  }

  /** What there is of it would take the room that another needs. */
  private static void giveUp(Path aside) {
    try {
      Files.deleteIfExists(aside);
    } catch (IOException stays) {
      // It is removed at the next start.
    }
  }

  /** Puts a file that was written aside where it belongs, in place of what was there. */
  public static void place(Path aside, Path file) throws IOException {
    Owner.only(aside);
    sync(aside);
    Files.move(aside, file, StandardCopyOption.ATOMIC_MOVE);
    sync(file.toAbsolutePath().getParent());
  }

  /** A file beside one, to be written before it takes its place. */
  public static Path aside(Path file) {
    return file.resolveSibling(file.getFileName() + UNFINISHED);
  }

  /** Waits until a file, or the list of names of a folder, is on the disk. */
  public static void sync(Path path) throws IOException {
    try (var channel = FileChannel.open(path, StandardOpenOption.READ)) {
      channel.force(true);
    }
  }
}
