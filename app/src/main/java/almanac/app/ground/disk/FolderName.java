package almanac.app.ground.disk;

import java.io.File;
import java.nio.file.Path;
import java.util.List;

/** Names that a folder with a collection cannot have, because the database reads them otherwise. */
public final class FolderName {
  private static final List<String> NEVER = List.of(";", "${", "#{", "\n", "\r");
  private static final String BACKSLASH = "\\";

  private FolderName() {}

  /**
   * The same folder.
   *
   * @throws StartRefused naming what cannot stand in its name
   */
  public static Path checked(Path folder) {
    var name = folder.toString();
    for (var bad : NEVER) {
      refuse(folder, name.contains(bad), bad);
    }
    refuse(folder, !File.separator.equals(BACKSLASH) && name.contains(BACKSLASH), BACKSLASH);
    return folder;
  }

  private static void refuse(Path folder, boolean bad, String what) {
    if (bad) {
      throw new StartRefused(
          "The folder %s cannot hold a collection: there is a “%s” in its name. Choose another with --data."
              .formatted(folder, what.strip()));
    }
  }
}
