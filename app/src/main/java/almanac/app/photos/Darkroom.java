package almanac.app.photos;

import almanac.app.refusals.BadEntry;
import almanac.app.refusals.Busy;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;

/** Unpacks one picture after another, so that many at once take no more memory than one. */
@Component
class Darkroom {
  /** As many of the largest pictures as one could wait for before the browser gives up. */
  private static final long PATIENCE_SECONDS = 20;

  private final Semaphore place = new Semaphore(1, true);

  /** Where the bytes of a picture come from; not read before it is its turn. */
  interface Source {
    byte[] bytes() throws IOException;
  }

  /**
   * @throws BadEntry if it is no picture that can be kept
   * @throws Busy if its turn does not come in time
   */
  PictureFile unpack(Source source) throws IOException {
    try {
      if (!place.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
        throw new Busy();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Busy();
    }
    try {
      return new PictureFile(source.bytes());
    } finally {
      place.release();
    }
  }
}
