package almanac.app.start;

import java.io.IOException;
import java.nio.file.Path;

/** Opens a data folder in a process of its own. */
final class OpenOnly {
  private OpenOnly() {}

  public static void main(String[] args) {
    DataFolder.open(Path.of(args[0]), false, System.out);
  }

  /** Starts it; whatever it says is for nobody. */
  static Process of(Path folder) throws IOException {
    return new ProcessBuilder(
            Path.of(System.getProperty("java.home"), "bin", "java").toString(),
            "-XX:TieredStopAtLevel=1",
            "-XX:+UseSerialGC",
            "-cp",
            System.getProperty("java.class.path"),
            OpenOnly.class.getName(),
            folder.toString())
        .redirectErrorStream(true)
        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
        .start();
  }
}
