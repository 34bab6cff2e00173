package almanac.app.copies.backups;

import almanac.app.copies.schema.Contents;
import almanac.app.ground.disk.DatabaseFile;
import almanac.app.ground.disk.OnDisk;
import java.io.IOException;
import java.nio.file.DirectoryNotEmptyException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/** A database packed into a zip file, as H2 packs its backups. */
public final class Packed {
  /** How the names begin of folders in which a backup is opened. */
  static final String PROOF = "almanac-proof-";

  /** What lies in one, as H2 names it. */
  private static final List<String> OPENED = List.of("almanac.mv.db", "almanac.trace.db");

  private static final String ENTRY = DatabaseFile.in(Path.of("")).file().getFileName().toString();

  private Packed() {}

  /** Packs a database that nobody has open. */
  public static void pack(Path database, Path zip) throws IOException {
    try (var packing = new ZipOutputStream(Files.newOutputStream(zip))) {
      packing.putNextEntry(new ZipEntry(ENTRY));
      Files.copy(database, packing);
      packing.closeEntry();
    }
  }

  /**
   * Unpacks a database; it is on the disk afterwards.
   *
   * @throws IOException if the file is damaged, or holds none
   */
  static void unpack(Path zip, Path database) throws IOException {
    try (var packed = new ZipFile(zip.toFile())) {
      var entry = packed.getEntry(ENTRY);
      if (entry == null) {
        throw new IOException("there is no collection in it");
      }
      try (var in = packed.getInputStream(entry);
          var out = Files.newOutputStream(database)) {
        in.transferTo(out);
      }
      OnDisk.sync(database);
    }
  }

  /**
   * Opens a packed database and counts what it holds.
   *
   * @param in a folder to open it in
   * @throws SQLException if it cannot be opened, or is no collection
   */
  static Contents prove(Path zip, Path in) throws IOException, SQLException {
    var opened = Files.createTempDirectory(in, PROOF);
    try {
      unpack(zip, DatabaseFile.in(opened).file());
      return Contents.of(DatabaseFile.in(opened).name());
    } finally {
      remove(opened);
    }
  }

  /** Removes a folder in which something was opened, with nothing else that is in it. */
  static void remove(Path opened) throws IOException {
    for (var file : OPENED) {
      Files.deleteIfExists(opened.resolve(file));
    }
    try {
      Files.delete(opened);
    } catch (DirectoryNotEmptyException others) {
      // It is not ours, or not ours alone.
    }
  }
}
