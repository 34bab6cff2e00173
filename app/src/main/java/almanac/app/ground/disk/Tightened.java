package almanac.app.ground.disk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;

/** What older programs have left readable for every user of the machine is so no longer. */
public final class Tightened {
  /** Folders that the program makes beside the collection. */
  private static final List<String> FOLDERS =
      List.of("photos", "photos/left-over", "backups", "backups/photographs", "network");

  /** What it writes itself, by its names: the database, marks, backups, photographs. */
  private static final Pattern OURS =
      Pattern.compile(
          "almanac[.-].*|collection|second-place|identity|[0-9T-]{19}\\.(zip|json)"
              + "|[0-9a-f-]{36}(-small)?\\.jpg");

  private Tightened() {}

  /** Tightens what is in the folder of a collection, and nothing of somebody else's. */
  public static void in(Path folder) throws IOException {
    if (alone(folder)) {
      Owner.only(folder);
    }
    files(folder);
    for (var name : FOLDERS) {
      var inside = folder.resolve(name);
      if (Files.isDirectory(inside)) {
        Owner.only(inside);
        files(inside);
      }
    }
  }

  /** Whether nothing lies in it but what belongs to a collection. */
  private static boolean alone(Path folder) throws IOException {
    try (var files = Files.list(folder)) {
      return files
          .map(file -> file.getFileName().toString())
          .allMatch(name -> FOLDERS.contains(name) || OURS.matcher(name).matches());
    }
  }

  private static void files(Path folder) throws IOException {
    try (var files = Files.newDirectoryStream(folder, Files::isRegularFile)) {
      for (var file : files) {
        if (OURS.matcher(file.getFileName().toString()).matches()) {
          Owner.only(file);
        }
      }
    }
  }
}
