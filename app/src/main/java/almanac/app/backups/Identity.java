package almanac.app.backups;

import almanac.app.disk.OnDisk;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.UUID;

/**
 * By which a collection is told from others that have their backups at the same place. A copy of
 * its folder is another collection, since from then on it is written otherwise.
 */
record Identity(BackupFolder backups) {
  private static final String KEPT_IN = "identity";

  UUID get() throws IOException {
    var file = backups.folder().resolve(KEPT_IN);
    var folder = backups.folder().toRealPath().toString();
    if (Files.exists(file)) {
      var lines = Files.readAllLines(file);
      if (lines.size() == 2 && lines.get(1).equals(folder)) {
        return UUID.fromString(lines.get(0));
      }
    }
    var made = UUID.randomUUID();
    var lines = String.join("\n", List.of(made.toString(), folder));
    OnDisk.write(file, lines.getBytes(StandardCharsets.UTF_8));
    return made;
  }
}
