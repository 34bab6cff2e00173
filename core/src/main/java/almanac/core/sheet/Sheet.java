package almanac.core.sheet;

import java.util.List;

/**
 * A table as it was read from a file.
 *
 * @param columns what stands above each column; none is blank
 * @param rows those in which something stands
 */
public record Sheet(List<String> columns, List<Row> rows) {
  public Sheet {
    columns = List.copyOf(columns);
    rows = List.copyOf(rows);
  }

  /**
   * @param number as the spreadsheet counts it, from 1
   * @param cells from the first column on; what is missing at the end is blank
   */
  public record Row(int number, List<String> cells) {
    public Row {
      cells = List.copyOf(cells);
    }

    /** What stands in a column, without blanks round it. */
    public String cell(int column) {
      return column < cells.size() ? cells.get(column).strip() : "";
    }
  }
}
