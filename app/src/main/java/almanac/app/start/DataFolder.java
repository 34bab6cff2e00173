package almanac.app.start;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;

/** The folder with a collection, opened by one program at a time. */
final class DataFolder {
  private static final String OWN = "own";
  private static final String DEMO = "demo";

  /** A lock goes with its channel, and a channel that nothing holds is closed. */
  private static final List<FileChannel> HELD = new ArrayList<>();

  private final Path folder;

  private DataFolder(Path folder) {
    this.folder = folder;
  }

  /**
   * Opens a folder, makes it if it is not there, and keeps others out until the program ends.
   *
   * @throws StartRefused if it cannot be used, is in use, or holds a collection of the other kind
   */
  static DataFolder open(Path folder, boolean demo) {
    try {
      Files.createDirectories(folder);
      var channel =
          FileChannel.open(
              folder.resolve("almanac.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
      if (channel.tryLock() == null) {
        channel.close();
        throw inUse(folder);
      }
      HELD.add(channel);
      keepKind(folder, demo ? DEMO : OWN);
    } catch (OverlappingFileLockException e) {
      throw inUse(folder);
    } catch (IOException e) {
      throw new StartRefused(
          "The data folder %s cannot be read and written (%s).".formatted(folder, reason(e)));
    }
    return new DataFolder(folder);
  }

  /** The address of the database; what is committed is on the disk before anybody is told so. */
  String databaseUrl() {
    return "jdbc:h2:file:" + folder.resolve("almanac") + ";WRITE_DELAY=0";
  }

  Path logFile() {
    return folder.resolve("almanac.log");
  }

  private static void keepKind(Path folder, String kind) throws IOException {
    var mark = folder.resolve("collection");
    if (!Files.exists(mark)) {
      Files.writeString(mark, kind);
    } else if (!Files.readString(mark).strip().equals(kind)) {
      throw new StartRefused(
          kind.equals(DEMO)
              ? "%s holds a collection of your own; the demo does not mix with it."
                  .formatted(folder)
              : "%s holds the demo collection; choose another folder with --data."
                  .formatted(folder));
    }
  }

  private static StartRefused inUse(Path folder) {
    return new StartRefused(
        "The data folder %s is already open in another Mellow Almanac.".formatted(folder));
  }

  private static String reason(IOException e) {
    var kind = e.getClass().getSimpleName().replace("Exception", "");
    return kind.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(java.util.Locale.ROOT);
  }
}
