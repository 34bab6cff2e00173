package almanac.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** The packaged program with the demo collection, for all tests of a class. */
final class RunningDemo implements BeforeAllCallback, AfterAllCallback {
  private Path data;
  private RunningAlmanac almanac;

  @Override
  public void beforeAll(ExtensionContext test) throws IOException {
    data = Files.createTempDirectory("almanac-e2e");
    almanac = RunningAlmanac.demo(data);
  }

  @Override
  public void afterAll(ExtensionContext test) {
    almanac.close();
    DemoFolder.delete(data);
  }

  String address() {
    return almanac.address();
  }
}
