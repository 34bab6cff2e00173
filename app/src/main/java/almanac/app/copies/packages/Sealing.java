package almanac.app.copies.packages;

import almanac.app.ground.disk.Sha256;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;

/**
 * A package's last bytes, which are the comment of the zip file, say what all those before them
 * were, so that no byte of it can change unnoticed.
 */
final class Sealing extends OutputStream {
  private static final String SAYS = "sha256:";

  /** A comment as long as the seal, to be written where it will stand. */
  static final String OPEN = SAYS + "0".repeat(64);

  private static final int LENGTH = OPEN.length();

  private final OutputStream out;
  private final MessageDigest sum = Sha256.begun();
  private final byte[] held = new byte[LENGTH];
  private int holds;

  /**
   * @param out where everything goes but the last bytes, which are held back
   */
  Sealing(OutputStream out) {
    this.out = out;
  }

  @Override
  public void write(int b) throws IOException {
    write(new byte[] {(byte) b}, 0, 1);
  }

  @Override
  public void write(byte[] from, int start, int length) throws IOException {
    int goes = Math.max(0, holds + length - LENGTH);
    int ofHeld = Math.min(goes, holds);
    pass(held, 0, ofHeld);
    System.arraycopy(held, ofHeld, held, 0, holds - ofHeld);
    holds -= ofHeld;
    int ofThese = goes - ofHeld;
    pass(from, start, ofThese);
    System.arraycopy(from, start + ofThese, held, holds, length - ofThese);
    holds += length - ofThese;
  }

  private void pass(byte[] from, int start, int length) throws IOException {
    sum.update(from, start, length);
    out.write(from, start, length);
  }

  /** Writes the seal in the place of what was held back. */
  void seal() throws IOException {
    out.write((SAYS + Sha256.written(sum)).getBytes(StandardCharsets.US_ASCII));
    out.flush();
  }

  /** Whether the last bytes of a file say what those before them are. */
  static boolean holds(Path file) throws IOException {
    long before = Files.size(file) - LENGTH;
    if (before < 0) {
      return false;
    }
    try (var in = Files.newInputStream(file)) {
      var sum = Sha256.begun();
      feed(sum, in, before);
      var seal = new String(in.readNBytes(LENGTH), StandardCharsets.US_ASCII);
      return seal.equals(SAYS + Sha256.written(sum));
    }
  }

  private static void feed(MessageDigest sum, InputStream in, long bytes) throws IOException {
    var some = new byte[1 << 16];
    for (long left = bytes; left > 0; ) {
      int read = in.read(some, 0, (int) Math.min(some.length, left));
      if (read < 0) {
        return;
      }
      sum.update(some, 0, read);
      left -= read;
    }
  }
}
