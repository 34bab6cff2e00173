package almanac.app.carrying;

import almanac.app.disk.DataDisk;
import almanac.app.refusals.NotFound;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.sql.SQLException;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The package that was looked through last, until it is taken in or left. */
@Component
class Arrivals {
  private final DataDisk disk;
  private @Nullable Arrival waiting;

  Arrivals(DataDisk disk) {
    this.disk = disk;
  }

  /** A package that can be taken in. */
  record Arrival(UUID uid, Arriving arriving) {}

  /**
   * Unpacks a package and reads all of it.
   *
   * @throws BadPackage in a sentence, if it cannot be taken in; then nothing is kept of it
   */
  synchronized Arrival look(InputStream zip) throws IOException {
    leave();
    var file = Files.createTempFile(disk.folder(), Arriving.PREFIX, ".zip");
    try {
      try (var laid = Files.newOutputStream(file)) {
        lay(zip, laid);
      }
      var arrival = new Arrival(UUID.randomUUID(), Arriving.of(file, disk.folder()));
      waiting = arrival;
      return arrival;
    } catch (SQLException e) {
      throw new IOException(e);
    } finally {
      Files.delete(file);
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
   * The one that waits.
   *
   * @throws NotFound if it was left, or another came since
   */
  synchronized Arriving one(UUID uid) {
    if (waiting == null || !waiting.uid().equals(uid)) {
      throw new NotFound("This package is gone; choose it again.");
    }
    return waiting.arriving();
  }

  synchronized void leave() throws IOException {
    if (waiting != null) {
      waiting.arriving().close();
      waiting = null;
    }
  }

  /** What was waiting, or on its way, when the program ended. */
  @EventListener(ApplicationReadyEvent.class)
  void sweep() throws IOException {
    try (var left =
        Files.newDirectoryStream(
            disk.folder(), "{%s,%s}*".formatted(Arriving.PREFIX, Carrying.PREFIX))) {
      for (var each : left) {
        Arriving.remove(each);
      }
    }
  }
}
