package almanac.app.backups;

import almanac.app.disk.DatabaseFile;
import almanac.app.disk.OnDisk;
import almanac.app.schema.Contents;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.SQLException;
import java.util.HexFormat;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/** A database packed into a zip file, as H2 packs its backups. */
public final class Packed {
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
    var opened = Files.createTempDirectory(in, "proof");
    try {
      unpack(zip, DatabaseFile.in(opened).file());
      return Contents.of(DatabaseFile.in(opened).name());
    } finally {
      remove(opened);
    }
  }

  /** Removes a folder in which something was opened. */
  static void remove(Path opened) throws IOException {
    try (var files = Files.newDirectoryStream(opened)) {
      for (var file : files) {
        Files.delete(file);
      }
    }
    Files.delete(opened);
  }

  /** SHA-256 of a file, in hexadecimal. */
  static String digest(Path file) throws IOException {
    try (var in =
        new DigestInputStream(Files.newInputStream(file), MessageDigest.getInstance("SHA-256"))) {
      in.transferTo(OutputStream.nullOutputStream());
      return HexFormat.of().formatHex(in.getMessageDigest().digest());
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
