package almanac.core.sheet;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** What stands in the cells of a sheet, by what its columns are about. */
record Cells(Sheet sheet, Decisions decisions) {

  /** What stands in a cell, as it was corrected. */
  String text(Sheet.Row row, int column) {
    return decisions
        .corrected()
        .getOrDefault(new Cell(row.number(), column), row.cell(column))
        .strip();
  }

  /** The columns that are about something, in their order. */
  List<Integer> columns(Meaning meaning) {
    return IntStream.range(0, decisions.columns().size())
        .filter(column -> decisions.columns().get(column) == meaning)
        .boxed()
        .toList();
  }

  /** The first column that is about something, if there is one. */
  Optional<Integer> column(Meaning meaning) {
    return columns(meaning).stream().findFirst();
  }

  /** What a row says about something; blank if it says nothing. */
  String text(Sheet.Row row, Meaning meaning) {
    return column(meaning).map(column -> text(row, column)).orElse("");
  }

  /** The rows that are brought in. */
  List<Sheet.Row> rows() {
    return sheet.rows().stream()
        .filter(row -> !decisions.leftOut().contains(row.number()))
        .toList();
  }
}
