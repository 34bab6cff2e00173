package almanac.app.errands.calendar;

import almanac.app.ground.disk.OwnersFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The address of the calendar, which nobody can guess: whoever knows it may read it. It is kept
 * beside the collection and leaves with none of its copies.
 */
@Component
class FeedAddress {
  private static final int BYTES = 24;
  private static final SecureRandom RANDOM = new SecureRandom();

  private final Path file;

  FeedAddress(@Value("${almanac.data}") Path data) {
    this.file = data.resolve("network").resolve("calendar");
  }

  synchronized String get() {
    try {
      return Files.exists(file) ? Files.readString(file).strip() : renew();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** From now on it is another one; who has the former reads nothing any more. */
  synchronized String renew() {
    var bytes = new byte[BYTES];
    RANDOM.nextBytes(bytes);
    var address = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    try {
      OwnersFile.keep(file, address.getBytes(StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return address;
  }

  /** Whether that is the address; it takes the same time whatever is asked. */
  boolean is(String asked) {
    return MessageDigest.isEqual(
        asked.getBytes(StandardCharsets.UTF_8), get().getBytes(StandardCharsets.UTF_8));
  }
}
