package almanac.core.sheet;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * What stands in rows, however it is spelled each time.
 *
 * @param words as they stand in the sheet first
 * @param rows how many rows have them
 */
record Spelled(String words, int rows) {

  /** What the rows that are brought in say, by their plain words, in the order of the sheet. */
  static Map<String, Spelled> in(Cells cells, Function<Sheet.Row, String> said) {
    var all = new LinkedHashMap<String, Spelled>();
    for (var row : cells.rows()) {
      var words = said.apply(row);
      all.merge(
          Plain.words(words),
          new Spelled(words, 1),
          (first, another) -> new Spelled(first.words(), first.rows() + 1));
    }
    return all;
  }
}
