package almanac.app.copies.packages;

import almanac.app.ground.disk.DataDisk;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * What is sent, laid beside the collection as it comes, and removed when it was looked at. Nobody
 * else waits for a slow sender.
 */
public record Laid(Path file) implements AutoCloseable {
  private static final String ENDING = ".zip";

  /**
   * Lays all of it down.
   *
   * @param most how many bytes it may have
   * @throws BadPackage if it has more, or there is no room for it and what it unpacks to
   */
  public static Laid of(InputStream sent, DataDisk disk, long most) throws IOException {
    disk.refuseUnlessKept();
    var laid = new Laid(Files.createTempFile(disk.folder(), Arriving.PREFIX, ENDING));
    try (var out = Files.newOutputStream(laid.file())) {
      long room = disk.room() / 2;
      long come = 0;
      var some = new byte[1 << 16];
      for (int read = sent.read(some); read >= 0; read = sent.read(some)) {
        come += read;
        if (come > most) {
          throw new BadPackage("This file is larger than %d MB.".formatted(most / 1_000_000));
        }
        if (come > room) {
          throw new BadPackage("There is no room for this package on the disk.");
        }
        out.write(some, 0, read);
      }
      return laid;
    } catch (IOException | RuntimeException failed) {
      laid.close();
      throw failed;
    }
  }

  @Override
  public void close() throws IOException {
    Files.deleteIfExists(file);
  }
}
