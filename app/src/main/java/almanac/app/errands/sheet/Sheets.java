package almanac.app.errands.sheet;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.NotFound;
import almanac.app.record.site.Today;
import almanac.core.sheet.Heading;
import almanac.core.sheet.Sheet;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The sheet that was read last, until it is brought in or left. */
@Component
class Sheets {
  private static final long LARGEST = 10_000_000;

  private final Today today;
  private @Nullable Waiting waiting;

  Sheets(Today today) {
    this.today = today;
  }

  /** A sheet that can be brought in. */
  record Waiting(UUID uid, String name, Sheet sheet) {}

  /**
   * Reads a file.
   *
   * @param name as its owner calls it
   * @throws BadEntry in a sentence, if it cannot be read
   */
  Waiting read(InputStream in, String name) throws IOException {
    var file = Files.createTempFile("almanac-sheet", "");
    try {
      try (var out = Files.newOutputStream(file)) {
        lay(in, out);
      }
      return read(file, name);
    } finally {
      Files.delete(file);
    }
  }

  /** One after another, since each takes memory. */
  private synchronized Waiting read(Path file, String name) throws IOException {
    var read = new Waiting(UUID.randomUUID(), name, Heading.of(SheetFile.rows(file), today.get()));
    if (read.sheet().rows().isEmpty()) {
      throw new BadEntry("file", "There is no plant below the headings.");
    }
    waiting = read;
    return read;
  }

  private static void lay(InputStream in, java.io.OutputStream out) throws IOException {
    var bytes = in.readNBytes((int) LARGEST + 1);
    if (bytes.length > LARGEST) {
      throw new BadEntry("file", "A list has at most 10 MB; this file is larger.");
    }
    out.write(bytes);
  }

  /**
   * The one that waits.
   *
   * @throws NotFound if it was left, or another came since
   */
  synchronized Waiting one(UUID uid) {
    if (waiting == null || !waiting.uid().equals(uid)) {
      throw new NotFound("This file is gone; choose it again.");
    }
    return waiting;
  }

  synchronized void leave() {
    waiting = null;
  }
}
