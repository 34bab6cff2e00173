package almanac.app.ground.disk;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * What a folder says of the collection in it: that there is one, and of which kind. It is written
 * last, so that a folder with a mark has a collection.
 */
public record FolderMark(Path folder) {
  private static final String OWN = "own";
  private static final String DEMO = "demo";

  /** Whether it is the invented collection; nothing if there is no mark, or a broken one. */
  public Optional<Boolean> demo() throws IOException {
    if (!Files.exists(file())) {
      return Optional.empty();
    }
    var kind = Files.readString(file()).strip();
    return kind.isEmpty() ? Optional.empty() : Optional.of(kind.equals(DEMO));
  }

  public void write(boolean demo) throws IOException {
    OnDisk.write(file(), (demo ? DEMO : OWN).getBytes(StandardCharsets.UTF_8));
  }

  private Path file() {
    return folder.resolve("collection");
  }
}
