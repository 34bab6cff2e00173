package almanac.app.passports;

import almanac.app.carrying.Arriving;
import almanac.app.carrying.BadPackage;
import almanac.app.disk.DataDisk;
import almanac.app.refusals.NotFound;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The passport that was read last, until it is taken in. */
@Component
class Passports {
  private static final int LARGEST = 100_000_000;

  private final DataDisk disk;
  private final TakingIn takingIn;
  private @Nullable Waiting waiting;

  Passports(DataDisk disk, TakingIn takingIn) {
    this.disk = disk;
    this.takingIn = takingIn;
  }

  /** A passport that can be taken in. */
  record Waiting(UUID uid, PassportFile passport) {}

  /**
   * Reads a passport, whole.
   *
   * @throws BadPackage in a sentence, if it cannot be taken in; then nothing is kept of it
   */
  synchronized Waiting look(InputStream zip) throws IOException {
    disk.refuseUnlessKept();
    waiting = null;
    var file = Files.createTempFile(disk.folder(), PassportFile.LEAVING, ".zip");
    try {
      var bytes = zip.readNBytes(LARGEST + 1);
      if (bytes.length > LARGEST) {
        throw new BadPackage("The file of a plant has at most 100 MB; this one is larger.");
      }
      Files.write(file, bytes);
      try (var arriving = Arriving.of(file, disk.folder())) {
        var read = new Waiting(UUID.randomUUID(), PassportFile.of(arriving));
        waiting = read;
        return read;
      }
    } catch (SQLException e) {
      throw new IOException(e);
    } finally {
      Files.delete(file);
    }
  }

  /**
   * @throws NotFound if it was taken in, or another came since
   */
  synchronized TakingIn.Taken take(UUID uid, long placeId, LocalDate today) {
    var read = waiting;
    if (read == null || !read.uid().equals(uid)) {
      throw new NotFound("This file is gone; choose it again.");
    }
    return takingIn.take(read.passport(), placeId, today);
  }
}
