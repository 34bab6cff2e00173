package almanac.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Comparator;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/**
 * The packaged program with the demo collection, for all tests of a class. The collection is
 * written once and copied for each class, which takes far less time than writing it.
 */
final class RunningDemo implements BeforeAllCallback, AfterAllCallback {
  private static Path written;

  private Path data;
  private RunningAlmanac almanac;

  @Override
  public void beforeAll(ExtensionContext test) throws IOException {
    data = Files.createTempDirectory("almanac-e2e");
    copy(written(), data);
    almanac = RunningAlmanac.start(data, "--demo");
  }

  @Override
  public void afterAll(ExtensionContext test) throws IOException {
    almanac.close();
    delete(data);
  }

  String address() {
    return almanac.address();
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

  private static void copy(Path from, Path to) throws IOException {
    try (Stream<Path> files = Files.walk(from)) {
      for (var file : files.toList()) {
        Files.copy(file, to.resolve(from.relativize(file)), StandardCopyOption.REPLACE_EXISTING);
      }
    }
  }

  private static void delete(Path folder) {
    try (Stream<Path> files = Files.walk(folder)) {
      for (var file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
