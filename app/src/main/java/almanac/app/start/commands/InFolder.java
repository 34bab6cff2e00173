package almanac.app.start.commands;

import almanac.app.copies.backups.BackupFolder;
import almanac.app.copies.schema.Contents;
import almanac.app.ground.disk.DatabaseFile;
import almanac.app.ground.disk.FolderLock;
import almanac.app.ground.disk.FolderName;
import almanac.app.ground.disk.StartRefused;
import almanac.app.record.photos.PhotoFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

/** The folder of the collection that a command is about. */
final class InFolder {
  @Option(
      names = "--data",
      paramLabel = "DIR",
      required = true,
      description = "The folder with the collection; your own one unless given.")
  private Path folder;

  Path folder() {
    return FolderName.checked(folder.toAbsolutePath());
  }

  DatabaseFile named() {
    return DatabaseFile.in(folder());
  }

  Path database() {
    return named().file();
  }

  Path photographs() {
    return folder().resolve(PhotoFiles.FOLDER);
  }

  BackupFolder backups() {
    return BackupFolder.of(folder());
  }

  Contents contents() throws SQLException {
    return Contents.of(named().name());
  }

  /**
   * @throws StartRefused if there is no collection in it
   */
  void refuseEmpty() {
    if (!Files.exists(database())) {
      throw new StartRefused("There is no collection in %s.".formatted(folder()));
    }
  }

  /** What is done in the folder; its exit code. */
  interface Task {
    int code() throws IOException, SQLException;
  }

  /**
   * Does something while nobody else has the folder open.
   *
   * @throws StartRefused if somebody has
   */
  @SuppressWarnings("try") // the lock is held, and not asked anything
  int alone(Task task) throws IOException, SQLException {
    try (var lock = FolderLock.take(folder())) {
      return task.code();
    }
  }

  /** "64 plants, 1208 entries, the last on 2027-05-12" */
  static String said(long plants, long entries, @Nullable LocalDate last) {
    return "%d plants, %d entries%s"
        .formatted(plants, entries, last == null ? "" : ", the last on " + last);
  }
}
