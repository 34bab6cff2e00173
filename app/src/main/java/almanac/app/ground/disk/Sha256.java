package almanac.app.ground.disk;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** Sums by which a file is known again, in hexadecimal. */
public final class Sha256 {
  private Sha256() {}

  /** One that is still to be fed. */
  public static MessageDigest begun() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /** As it is written down. */
  public static String written(MessageDigest fed) {
    return HexFormat.of().formatHex(fed.digest());
  }

  public static String of(byte[] bytes) {
    var sum = begun();
    sum.update(bytes);
    return written(sum);
  }

  /** Of a file; all of it is read. */
  public static String of(Path file) throws IOException {
    try (var in = new DigestInputStream(Files.newInputStream(file), begun())) {
      in.transferTo(OutputStream.nullOutputStream());
      return written(in.getMessageDigest());
    }
  }
}
