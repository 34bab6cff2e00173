package almanac.app.copies.packages;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Path;

/**
 * The end of a zip file, which says how long the list of its files is. A list that is too long is
 * not read, since it is held in memory.
 */
public final class ZipEnd {
  private static final int END = 0x06054b50;
  private static final int END_64 = 0x06064b50;
  private static final int LENGTH = 22;
  private static final int LENGTH_64 = 56;
  private static final int LOCATOR = 20;
  private static final int LONGEST_COMMENT = 65_535;
  private static final long SAID_ELSEWHERE = 0xFFFFFFFFL;

  private ZipEnd() {}

  /**
   * Whether the list of files is at most so long.
   *
   * @param most bytes
   */
  public static boolean listIsAtMost(Path file, long most) throws IOException {
    try (var open = new RandomAccessFile(file.toFile(), "r")) {
      int length = (int) Math.min(open.length(), LENGTH + LOCATOR + LENGTH_64 + LONGEST_COMMENT);
      var bytes = new byte[length];
      open.seek(open.length() - length);
      open.readFully(bytes);
      var tail = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
      for (int at = length - LENGTH; at >= 0; at--) {
        if (tail.getInt(at) == END) {
          long said = Integer.toUnsignedLong(tail.getInt(at + 12));
          return (said == SAID_ELSEWHERE ? of64(tail, at) : said) <= most;
        }
      }
      return false;
    }
  }

  private static long of64(ByteBuffer tail, int end) {
    int at = end - LOCATOR - LENGTH_64;
    return at >= 0 && tail.getInt(at) == END_64 ? Math.abs(tail.getLong(at + 40)) : Long.MAX_VALUE;
  }
}
