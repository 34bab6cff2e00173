package almanac.app.copies.packages;

import org.jspecify.annotations.Nullable;

/**
 * A column of a table as it is carried.
 *
 * @param name in the file
 * @param source in the database
 * @param value of what type it is there
 * @param required whether a cell must have a value
 * @param refers to what the number in it belongs; null where it is carried as it is
 */
record Column(String name, String source, Value value, boolean required, @Nullable Kept refers) {

  /**
   * What is numbered within the database, and bears another name outside: an act, a plant and a
   * place by its uid, a happening by its act and its turn in that.
   */
  enum Kept {
    ACT,
    PLANT,
    PLACE,
    HAPPENING
  }
}
