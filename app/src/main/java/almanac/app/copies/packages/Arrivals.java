package almanac.app.copies.packages;

import almanac.app.ground.disk.DataDisk;
import almanac.app.ground.refusals.NotFound;
import java.io.IOException;
import java.nio.file.Files;
import java.sql.SQLException;
import java.util.UUID;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The package that was looked through last, until it is taken in or left. */
@Component
class Arrivals {
  /** As temporary files and folders are named; whatever else begins so is not ours. */
  private static final Pattern ON_ITS_WAY =
      Pattern.compile("(%s|%s)\\d+(\\.zip)?".formatted(Arriving.PREFIX, Packages.PREFIX));

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
  synchronized Arrival look(Laid laid) throws IOException {
    leave();
    try {
      var arrival = new Arrival(UUID.randomUUID(), Arriving.of(laid.file(), disk.folder()));
      waiting = arrival;
      return arrival;
    } catch (SQLException e) {
      throw new IOException(e);
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
    try (var files = Files.newDirectoryStream(disk.folder())) {
      for (var file : files) {
        if (ON_ITS_WAY.matcher(file.getFileName().toString()).matches()) {
          Arriving.remove(file);
        }
      }
    }
  }
}
