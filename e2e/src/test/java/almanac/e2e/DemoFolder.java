package almanac.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Comparator;
import java.util.stream.Stream;

/** The demo collection, written once and copied, which takes far less time. */
final class DemoFolder {
  private static Path written;

  private DemoFolder() {}

  /** Fills a folder with it, if there is nothing in it. */
  static void into(Path folder) throws IOException {
    try (Stream<Path> there = Files.list(folder)) {
      if (there.findAny().isPresent()) {
        return;
      }
    }
    var from = written();
    try (Stream<Path> files = Files.walk(from)) {
      for (var file : files.toList()) {
        Files.copy(
            file, folder.resolve(from.relativize(file)), StandardCopyOption.REPLACE_EXISTING);
      }
    }
  }

  private static synchronized Path written() throws IOException {
    if (written == null) {
      var folder = Files.createTempDirectory("almanac-e2e-demo");
      RunningAlmanac.start(folder, "--demo").close();
      Runtime.getRuntime().addShutdownHook(new Thread(() -> delete(folder)));
      written = folder;
    }
    return written;
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
