package almanac.app.ground.disk;

import java.nio.file.Path;

/**
 * The file of a database.
 *
 * @param name as H2 names it: without the ending of the file
 */
public record DatabaseFile(Path name) {
  /** Of every database that is a collection, in whatever folder. */
  public static final String COLLECTION = "almanac";

  /** How the names begin of what a broken off start or restore leaves. */
  public static final String BEING_MADE = COLLECTION + "-being-made";

  private static final String ENDING = ".mv.db";

  /** The one with the collection of a folder. */
  public static DatabaseFile in(Path folder) {
    return new DatabaseFile(folder.resolve(COLLECTION));
  }

  /** One that is made beside it, to take its place. */
  public static DatabaseFile beingMade(Path folder) {
    return new DatabaseFile(folder.resolve(BEING_MADE));
  }

  /** The same one, written anew beside it. */
  public static DatabaseFile madeSmaller(Path folder) {
    return new DatabaseFile(folder.resolve(BEING_MADE + "-smaller"));
  }

  public Path file() {
    return name.resolveSibling(name.getFileName() + ENDING);
  }
}
