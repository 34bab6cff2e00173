package almanac.app.carrying;

import almanac.app.disk.DataDisk;
import almanac.app.refusals.NotFound;
import almanac.app.schema.Contents;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Comparator;
import java.util.UUID;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Packages that were looked through and not taken in yet, each unpacked in a folder of its own. */
@Component
class Arrivals {
  private static final String DATABASE = "almanac";

  private final DataDisk disk;

  Arrivals(DataDisk disk) {
    this.disk = disk;
  }

  /**
   * A package that can be taken in.
   *
   * @param database of it
   * @param photographs the folder with its photographs
   */
  record Arrival(UUID uid, Contents contents, Path database, Path photographs) {}

  /**
   * Unpacks a package and reads all of it.
   *
   * @throws BadPackage in a sentence, if it cannot be taken in; then nothing is kept of it
   */
  Arrival look(InputStream zip) throws IOException, SQLException {
    sweep();
    var uid = UUID.randomUUID();
    var folder = Files.createDirectories(folder(uid));
    try {
      var file = folder.resolve("package.zip");
      try (var laid = Files.newOutputStream(file)) {
        lay(zip, laid);
      }
      var contents = Intake.of(file, folder.resolve(DATABASE), photographs(uid));
      Files.delete(file);
      return arrival(uid, contents);
    } catch (IOException | SQLException | RuntimeException bad) {
      delete(folder);
      throw bad;
    }
  }

  /** Half of the room is for the package, the other for what it unpacks to. */
  private void lay(InputStream zip, OutputStream file) throws IOException {
    long left = disk.room() / 2;
    var some = new byte[1 << 16];
    for (int read = zip.read(some); read >= 0; read = zip.read(some)) {
      left -= read;
      if (left < 0) {
        throw new BadPackage("There is no room for this package on the disk.");
      }
      file.write(some, 0, read);
    }
  }

  /**
   * One that was looked through.
   *
   * @throws NotFound if it was left, or another came since
   */
  Arrival one(UUID uid) throws SQLException {
    if (!Files.isDirectory(folder(uid))) {
      throw new NotFound("This package is gone; choose it again.");
    }
    return arrival(uid, Contents.of(folder(uid).resolve(DATABASE)));
  }

  private Arrival arrival(UUID uid, Contents contents) {
    return new Arrival(uid, contents, folder(uid).resolve(DataDisk.DATABASE), photographs(uid));
  }

  void leave(UUID uid) throws IOException {
    delete(folder(uid));
  }

  /** What nobody took in: at most one waits. */
  @EventListener(ApplicationReadyEvent.class)
  void sweep() throws IOException {
    delete(root());
  }

  private static void delete(Path folder) throws IOException {
    if (!Files.exists(folder)) {
      return;
    }
    try (var files = Files.walk(folder)) {
      for (var file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(file);
      }
    }
  }

  private Path root() {
    return disk.folder().resolve("arriving");
  }

  private Path folder(UUID uid) {
    return root().resolve(uid.toString());
  }

  private Path photographs(UUID uid) {
    return folder(uid).resolve("photographs");
  }
}
