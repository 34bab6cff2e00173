package almanac.app.errands.passports;

import almanac.app.copies.packages.Arriving;
import almanac.app.copies.packages.BadPackage;
import almanac.app.copies.packages.Laid;
import almanac.app.ground.disk.DataDisk;
import almanac.app.ground.refusals.NotFound;
import almanac.app.record.photos.Darkroom;
import java.io.IOException;
import java.io.InputStream;
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
  private final Darkroom darkroom;
  private @Nullable Waiting waiting;

  Passports(DataDisk disk, TakingIn takingIn, Darkroom darkroom) {
    this.disk = disk;
    this.darkroom = darkroom;
    this.takingIn = takingIn;
  }

  /** A passport that can be taken in. */
  record Waiting(UUID uid, PassportFile passport) {}

  /**
   * Reads a passport, whole.
   *
   * @throws BadPackage in a sentence, if it cannot be taken in; then nothing is kept of it
   */
  Waiting look(InputStream zip) throws IOException {
    try (var laid = Laid.of(zip, disk, LARGEST);
        var arriving = Arriving.of(laid.file(), disk.folder())) {
      var read = new Waiting(UUID.randomUUID(), PassportFile.of(arriving, darkroom));
      keep(read);
      return read;
    } catch (SQLException e) {
      throw new IOException(e);
    }
  }

  private synchronized void keep(Waiting read) {
    waiting = read;
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
