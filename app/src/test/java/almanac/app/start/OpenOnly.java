package almanac.app.start;

import java.nio.file.Path;

/** Opens a data folder in a process of its own, which is then killed. */
final class OpenOnly {
  private OpenOnly() {}

  public static void main(String[] args) {
    DataFolder.open(Path.of(args[0]), false, System.out);
  }
}
