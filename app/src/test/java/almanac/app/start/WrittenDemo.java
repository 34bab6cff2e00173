package almanac.app.start;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The demo collections of some days, each written once and copied, which takes less time. */
final class WrittenDemo {
  private static final Map<LocalDate, Path> WRITTEN = new HashMap<>();

  private WrittenDemo() {}

  /** Fills a folder with the demo of a day. */
  static synchronized void into(Path folder, LocalDate today) throws IOException {
    var from = WRITTEN.get(today);
    if (from == null) {
      from = Files.createTempDirectory("almanac-demo");
      Main.start(new Options(from, true, false, "127.0.0.1", 0, Optional.of(today))).close();
      WRITTEN.put(today, from);
      var written = from;
      Runtime.getRuntime().addShutdownHook(new Thread(() -> delete(written)));
    }
    try (Stream<Path> files = Files.walk(from)) {
      for (var file : files.toList()) {
        Files.copy(
            file, folder.resolve(from.relativize(file)), StandardCopyOption.REPLACE_EXISTING);
      }
    }
  }

  static void delete(Path folder) {
    try (Stream<Path> files = Files.walk(folder)) {
      for (var file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
