package almanac.app.start;

import almanac.app.copies.schema.Contents;
import almanac.app.ground.disk.DatabaseFile;
import almanac.app.ground.disk.FolderLock;
import almanac.app.ground.disk.FolderMark;
import almanac.app.ground.disk.StartRefused;
import almanac.app.ground.disk.Tightened;
import almanac.app.ground.refusals.Sentences;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.sql.SQLException;

/** The folder with a collection, opened by one program at a time. */
final class DataFolder implements AutoCloseable {
  private final Path folder;
  private final Database database;

  private final FolderMark mark;
  private final FolderLock held;

  private DataFolder(Path folder, FolderLock held) {
    this.folder = folder;
    this.database = new Database(folder);
    this.mark = new FolderMark(folder);
    this.held = held;
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
      var opened = new DataFolder(folder, FolderLock.take(folder));
      try {
        opened.prepare(demo, out);
        Tightened.in(folder);
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

  private boolean marked(boolean demo) throws IOException {
    var kind = mark.demo();
    kind.ifPresent(each -> refuseOther(each, demo));
    return kind.isPresent();
  }

  /** A folder whose mark is lost may hold a collection of either kind. */
  private void mark(boolean demo) throws IOException {
    try {
      var contents = Contents.of(DatabaseFile.in(folder).name());
      if (contents.acts() > 0) {
        refuseOther(contents.demo(), demo);
      }
    } catch (SQLException e) {
      throw new StartRefused(
          "The collection in %s cannot be read: %s.".formatted(folder, Sentences.of(e)));
    }
    mark.write(demo);
  }

  private void refuseOther(boolean kind, boolean demo) {
    if (kind == demo) {
      return;
    }
    throw new StartRefused(
        demo
            ? "%s holds a collection of your own; the demo does not mix with it.".formatted(folder)
            : "%s holds the demo collection; choose another folder with --data.".formatted(folder));
  }

  private static String reason(IOException e) {
    return Sentences.words(e.getClass().getSimpleName());
  }
}
