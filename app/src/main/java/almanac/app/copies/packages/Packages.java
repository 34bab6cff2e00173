package almanac.app.copies.packages;

import almanac.app.copies.backups.Backup;
import almanac.app.copies.backups.BackupReason;
import almanac.app.copies.backups.Backups;
import almanac.app.copies.packages.Arrivals.Arrival;
import almanac.app.ground.disk.DataDisk;
import almanac.app.ground.refusals.Conflict;
import almanac.app.ground.store.Exchange;
import almanac.app.record.photos.PhotoFiles;
import almanac.app.record.site.Settings;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.stereotype.Service;

/** Carries the collection out as a package of files, and another in, while the program runs. */
@Service
class Packages {
  /** Some thousand photographs; whether the disk holds it is looked at besides. */
  private static final long LARGEST = 20_000_000_000L;

  /** How the names begin of what is on its way out. */
  static final String PREFIX = "almanac-leaving";

  private final DataSource source;
  private final DataDisk disk;
  private final Arrivals arrivals;
  private final Backups backups;
  private final Exchange exchange;
  private final Settings settings;

  Packages(
      DataSource source,
      DataDisk disk,
      Arrivals arrivals,
      Backups backups,
      Exchange exchange,
      Settings settings) {
    this.source = source;
    this.disk = disk;
    this.arrivals = arrivals;
    this.backups = backups;
    this.exchange = exchange;
    this.settings = settings;
  }

  /** Writes the collection, as it is at one moment, into a file that is to be removed. */
  Path pack() throws IOException {
    disk.refuseUnlessKept();
    var file = Files.createTempFile(disk.folder(), PREFIX, ".zip");
    try (var connection = source.getConnection();
        var out = Files.newOutputStream(file)) {
      connection.setAutoCommit(false);
      connection.setTransactionIsolation(Connection.TRANSACTION_SERIALIZABLE);
      PackageCarried.write(connection, photographs(), out);
      connection.rollback();
      return file;
    } catch (MissingPhotograph missing) {
      Files.delete(file);
      throw new Conflict(String.valueOf(missing.getMessage()));
    } catch (SQLException e) {
      Files.delete(file);
      throw new IOException(e);
    } catch (IOException | RuntimeException e) {
      Files.delete(file);
      throw e;
    }
  }

  private Path photographs() {
    return disk.folder().resolve(PhotoFiles.FOLDER);
  }

  /**
   * Looks a package through, without taking it in.
   *
   * @throws BadPackage in a sentence, if it cannot be taken in
   */
  Arrival look(InputStream zip) throws IOException {
    try (var laid = Laid.of(zip, disk, LARGEST)) {
      return arrivals.look(laid);
    }
  }

  /**
   * Puts a package that was looked through in the place of the collection, of which a backup is
   * taken before.
   *
   * @return that backup
   * @throws Conflict if this is the demo
   */
  synchronized Backup take(UUID uid) throws IOException {
    if (settings.get("collection").filter("demo"::equals).isPresent()) {
      throw new Conflict(
          "This is the demo. Open your own collection with ./almanac run, and take the package in there.");
    }
    var arriving = arrivals.one(uid);
    var before = backups.take(BackupReason.IMPORT);
    arriving.settlePhotographs(photographs());
    exchange.replaceBy(arriving.database());
    arrivals.leave();
    return before;
  }

  void leave() throws IOException {
    arrivals.leave();
  }
}
