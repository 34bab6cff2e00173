package almanac.app.copies.upkeep;

import java.time.Duration;
import java.time.Instant;

/**
 * How large a file has become since it held nothing but what there is. What is given up in it, some
 * 80 kB with every look, is given back when it is written anew.
 */
final class FileGrowth {
  /**
   * About 500 looks; then it is written anew, whoever waits. Those who save at that moment wait for
   * most of a second, so that it is not done more often than has to be.
   */
  static final long MOST = 42_000_000;

  /** About 100 looks; then it is written anew once nobody writes any more. */
  static final long WORTH_IT = 8_000_000;

  static final Duration QUIET = Duration.ofMinutes(2);

  /** So long it is left alone when somebody reads for long; some 200 looks of a script. */
  static final Duration LATER = Duration.ofSeconds(10);

  private long settled;
  private long last;
  private Instant lastGrown = Instant.MIN;
  private Instant notBefore = Instant.MIN;

  /**
   * @param bytes how large it is at first
   */
  FileGrowth(long bytes) {
    settled = bytes;
    last = bytes;
  }

  /**
   * Whether it is to be written anew.
   *
   * @param bytes how large it is at that moment
   */
  boolean tooLarge(long bytes, Instant now) {
    if (bytes != last) {
      last = bytes;
      lastGrown = now;
    }
    if (now.isBefore(notBefore)) {
      return false;
    }
    boolean quiet = !lastGrown.plus(QUIET).isAfter(now);
    return quiet ? worthIt(bytes) : bytes > settled + MOST;
  }

  /** Whether there is enough to be given back for writing it anew when nobody waits. */
  boolean worthIt(long bytes) {
    return bytes > settled + WORTH_IT;
  }

  /** It could not be written anew just now. */
  void later(Instant now) {
    notBefore = now.plus(LATER);
  }

  /** It was written anew. */
  void settled(long bytes) {
    settled = bytes;
    last = bytes;
  }
}
