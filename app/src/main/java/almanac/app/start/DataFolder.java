package almanac.app.start;

import almanac.app.disk.OnDisk;
import almanac.app.refusals.Sentences;
import almanac.app.schema.Contents;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.SQLException;

/** The folder with a collection, opened by one program at a time. */
final class DataFolder implements AutoCloseable {
  private static final String OWN = "own";
  private static final String DEMO = "demo";

  private final Path folder;
  private final Database database;

  /** A lock goes with its channel, and a channel that nothing holds is closed. */
  private final FileChannel held;

  private DataFolder(Path folder) throws IOException {
    this.folder = folder;
    this.database = new Database(folder);
    held =
        FileChannel.open(
            folder.resolve("almanac.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
  }

  /**
   * Opens a folder, makes it if it is not there, and keeps others out until it is closed. Its
   * database is whole and up to date afterwards.
   *
   * @param out where something that takes long is announced
   * @throws StartRefused if it cannot be used, is in use, or holds a collection of the other kind
   */
  static DataFolder open(Path folder, boolean demo, PrintStream out) {
    try {
      Files.createDirectories(folder);
      var opened = new DataFolder(folder);
      try {
        opened.keepOthersOut();
        opened.prepare(demo, out);
        return opened;
      } catch (IOException | RuntimeException refused) {
        opened.close();
        throw refused;
      }
    } catch (IOException e) {
      throw new StartRefused(
          "The data folder %s cannot be read and written (%s).".formatted(folder, reason(e)));
    }
  }

  private void keepOthersOut() throws IOException {
    try {
      if (held.tryLock() == null) {
        throw inUse(folder);
      }
    } catch (OverlappingFileLockException e) {
      throw inUse(folder);
    }
  }

  /** Lets others open it. */
  @Override
  public void close() throws IOException {
    held.close();
  }

  private void prepare(boolean demo, PrintStream out) throws IOException {
    boolean marked = marked(demo);
    database.prepare(marked, out);
    if (!marked) {
      mark(demo);
    }
  }

  String databaseUrl() {
    return database.url();
  }

  Path logFile() {
    return folder.resolve("almanac.log");
  }

  private Path markFile() {
    return folder.resolve("collection");
  }

  /**
   * Whether the folder says that it holds a collection of this kind; a broken mark says nothing.
   */
  private boolean marked(boolean demo) throws IOException {
    if (!Files.exists(markFile())) {
      return false;
    }
    var kind = Files.readString(markFile()).strip();
    if (kind.isEmpty()) {
      return false;
    }
    refuseOther(kind, demo);
    return true;
  }

  /** Written last, so that a folder with a mark has a collection. */
  private void mark(boolean demo) throws IOException {
    try {
      var content = Contents.of(folder.resolve(Database.NAME));
      if (content.acts() > 0) {
        refuseOther(content.demo() ? DEMO : OWN, demo);
      }
    } catch (SQLException e) {
      throw new StartRefused(
          "The collection in %s cannot be read: %s.".formatted(folder, Sentences.of(e)));
    }
    OnDisk.write(markFile(), (demo ? DEMO : OWN).getBytes(StandardCharsets.UTF_8));
  }

  private void refuseOther(String kind, boolean demo) {
    if (kind.equals(DEMO) == demo) {
      return;
    }
    throw new StartRefused(
        demo
            ? "%s holds a collection of your own; the demo does not mix with it.".formatted(folder)
            : "%s holds the demo collection; choose another folder with --data.".formatted(folder));
  }

  private static StartRefused inUse(Path folder) {
    return new StartRefused(
        "The data folder %s is already open in another Mellow Almanac.".formatted(folder));
  }

  private static String reason(IOException e) {
    return Sentences.words(e.getClass().getSimpleName());
  }
}
