package almanac.app.ground.disk;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** A data folder that nobody else uses until it is let go. */
public final class FolderLock implements AutoCloseable {
  /** A lock goes with its channel, and a channel that nothing holds is closed. */
  private final FileChannel held;

  private FolderLock(FileChannel held) {
    this.held = held;
  }

  /**
   * Takes a folder, and makes it if it is not there.
   *
   * @throws StartRefused if another program has it open
   */
  public static FolderLock take(Path folder) throws IOException {
    Files.createDirectories(folder);
    var channel =
        FileChannel.open(
            folder.resolve("almanac.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
    try {
      if (channel.tryLock() != null) {
        return new FolderLock(channel);
      }
    } catch (OverlappingFileLockException inUse) {
      // Said below.
    }
    channel.close();
    throw new StartRefused(
        "The data folder %s is already open in another Mellow Almanac.".formatted(folder));
  }

  @Override
  public void close() throws IOException {
    held.close();
  }
}
