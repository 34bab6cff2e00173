package almanac.app.start;

import almanac.app.copies.backups.BackupFolder;
import almanac.app.copies.backups.BackupReason;
import almanac.app.copies.backups.Packed;
import almanac.app.copies.schema.Schema;
import almanac.app.ground.clock.OneClock;
import almanac.app.ground.disk.DatabaseFile;
import almanac.app.ground.disk.OnDisk;
import almanac.app.ground.disk.StartRefused;
import almanac.app.ground.refusals.Sentences;
import almanac.app.record.photos.PhotoFiles;
import almanac.app.record.photos.PhotoSums;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.regex.Pattern;

/**
 * The database file of a data folder, made whole before anybody opens it. Whatever is made or
 * changed is made beside it and put in its place in one step, so that an interrupted start leaves
 * either what was there or what was wanted.
 */
final class Database {

  /** Bytes from which on it matters how much of a file holds nothing. */
  private static final long WORTH_IT = 8_000_000;

  /** The names of what a start, or whatever is laid beside the collection, leaves half made. */
  private static final Pattern LEFT_HALF =
      Pattern.compile(
          "%s(-smaller)?(\\.[a-zA-Z]+)+|(almanac(-damaged-[0-9T-]+)?\\.mv\\.db|collection|calendar)%s"
              .formatted(DatabaseFile.BEING_MADE, Pattern.quote(OnDisk.UNFINISHED)));

  private final Path folder;
  private final DatabaseFile database;
  private final DatabaseFile making;
  private final BackupFolder backups;

  Database(Path folder) {
    this.folder = folder;
    this.database = DatabaseFile.in(folder);
    this.making = DatabaseFile.beingMade(folder);
    this.backups = BackupFolder.of(folder);
  }

  String url() {
    return Schema.url(database.name()) + ";IFEXISTS=TRUE";
  }

  /** Whether there is a file; it may be empty. */
  boolean exists() {
    return Files.exists(database.file());
  }

  /**
   * Makes the database of a folder that holds none, or brings the one it holds up to date.
   *
   * @param marked whether the folder was marked as a collection, so that there must be one
   * @param out where a long upgrade is announced
   * @throws StartRefused in a sentence, if the collection is missing, damaged, or of a newer
   *     program
   */
  void prepare(boolean marked, PrintStream out) throws IOException {
    sweep();
    if (marked && missing()) {
      throw new StartRefused(
          "The collection in %s is gone: its file %s is %s. %s"
              .formatted(
                  folder, database.file().getFileName(), exists() ? "empty" : "missing", help()));
    }
    if (missing()) {
      make();
      return;
    }
    var state = state();
    int schema = state.schema().orElseThrow(this::noCollection);
    if (schema > Schema.LATEST) {
      throw new StartRefused(
          ("The collection in %s was kept by a newer Mellow Almanac (its schema is %d, this program"
                  + " knows up to %d). Open it with the newer one.")
              .formatted(folder, schema, Schema.LATEST));
    }
    if (schema < Schema.LATEST) {
      out.println("Bringing the collection up to date; as it was it is kept among the backups.");
      upgrade();
    } else if (state.bytes() > WORTH_IT && 2 * state.idle() > state.bytes()) {
      out.println("Making the file of the collection smaller.");
      compact(out);
    }
  }

  /**
   * Crashes leave what was given up in the file; written anew, it holds what there is. A file that
   * cannot be made smaller is as good as it was; after some crashes H2's tool stumbles over what
   * its database does not mind.
   */
  private void compact(PrintStream out) {
    try {
      Schema.writeAnew(database, making);
      OnDisk.place(making.file(), database.file());
    } catch (IOException | SQLException e) {
      out.println(
          "It could not be made smaller (%s); it opens as it is.".formatted(Sentences.of(e)));
    }
  }

  private boolean missing() throws IOException {
    return !exists() || Files.size(database.file()) == 0;
  }

  private StartRefused noCollection() {
    return new StartRefused(
        "%s in %s is no collection of Mellow Almanac, or its first start was broken off before it held anything."
            .formatted(database.file().getFileName(), folder));
  }

  private Schema.State state() throws IOException {
    try {
      return Schema.of(database.name());
    } catch (SQLException e) {
      throw new StartRefused(
          "The collection in %s cannot be opened: its file %s is damaged or in use (%s). Nothing was changed. %s"
              .formatted(folder, database.file().getFileName(), Sentences.of(e), help()));
    }
  }

  /** What can be brought back. */
  private String help() throws IOException {
    return backups
        .newestSound()
        .map(
            backup ->
                "The newest sound backup is of %s and holds %d plants; ./almanac restore brings it back."
                    .formatted(backup.at().toLocalDate(), backup.plants()))
        .orElse(
            "There is no sound backup: put a copy of the file back, or choose another folder with --data.");
  }

  private void make() throws IOException {
    try {
      Schema.make(making.name(), Schema.LATEST);
    } catch (SQLException | RuntimeException e) {
      throw new StartRefused(
          "No collection can be made in %s: %s.".formatted(folder, Sentences.of(e)));
    }
    OnDisk.place(making.file(), database.file());
  }

  private void upgrade() throws IOException {
    backUp();
    OnDisk.copy(database.file(), making.file());
    try {
      Schema.bringUpToDate(making.name());
      try (var connection = Schema.openToFill(making.name())) {
        PhotoSums.complete(connection, folder.resolve(PhotoFiles.FOLDER));
      }
    } catch (SQLException | RuntimeException e) {
      sweep();
      throw new StartRefused(
          "The collection in %s cannot be brought up to date: %s. It was left as it was."
              .formatted(folder, Sentences.of(e)));
    }
    OnDisk.place(making.file(), database.file());
  }

  private void backUp() throws IOException {
    try {
      backups.take(
          LocalDateTime.now(OneClock.CLOCK),
          BackupReason.UPGRADE,
          zip -> Packed.pack(database.file(), zip),
          folder.resolve(PhotoFiles.FOLDER));
    } catch (SQLException e) {
      throw new StartRefused(
          "The collection in %s must be brought up to date, but no backup of it can be taken: %s. It was left as it was."
              .formatted(folder, Sentences.of(e)));
    }
  }

  /** What an interrupted start has left half made. */
  private void sweep() throws IOException {
    try (var files = Files.newDirectoryStream(folder)) {
      for (var file : files) {
        if (LEFT_HALF.matcher(file.getFileName().toString()).matches()) {
          Files.delete(file);
        }
      }
    }
  }
}
