package almanac.app.copies.backups;

import almanac.app.ground.disk.OnDisk;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * By which a collection is told from others that have their backups at the same place. A copy of
 * its folder is another collection, since from then on it is written otherwise.
 */
record Identity(BackupFolder backups) {
  private static final String KEPT_IN = "identity";

  /** What it is, where it was made already. */
  Optional<UUID> known() throws IOException {
    var file = file();
    if (!Files.exists(file)) {
      return Optional.empty();
    }
    var lines = Files.readAllLines(file);
    return lines.size() == 2 && lines.get(1).equals(place())
        ? Optional.of(UUID.fromString(lines.get(0)))
        : Optional.empty();
  }

  /** What it is; made where it is not known. */
  UUID get() throws IOException {
    var known = known();
    if (known.isPresent()) {
      return known.get();
    }
    var made = UUID.randomUUID();
    var lines = String.join("\n", List.of(made.toString(), place()));
    OnDisk.write(file(), lines.getBytes(StandardCharsets.UTF_8));
    return made;
  }

  private Path file() {
    return backups.folder().resolve(KEPT_IN);
  }

  private String place() throws IOException {
    return backups.folder().toRealPath().toString();
  }
}
