package almanac.app.errands.sheet;

import almanac.app.ground.refusals.BadEntry;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** A file with a table in it, which may have been made to do harm. */
final class SheetFile {
  /** Nobody has more plants in one list. */
  private static final int MOST_ROWS = 10_000;

  private static final int MOST_COLUMNS = 100;

  /** Notes are the longest that anybody writes in a cell. */
  private static final int LONGEST_CELL = 8000;

  private static final byte[] ZIP = {'P', 'K', 3, 4};

  private SheetFile() {}

  /**
   * The rows of a CSV or XLSX file, blank ones too.
   *
   * @throws BadEntry in a sentence, if it cannot be read
   */
  static List<List<String>> rows(Path file) throws IOException {
    var rows = zip(file) ? Xlsx.rows(file) : Csv.rows(Files.readAllBytes(file));
    if (rows.stream().noneMatch(row -> row.stream().anyMatch(cell -> !cell.isBlank()))) {
      throw new BadEntry("file", "There is nothing in this file.");
    }
    return rows;
  }

  private static boolean zip(Path file) throws IOException {
    try (var in = Files.newInputStream(file)) {
      return java.util.Arrays.equals(in.readNBytes(ZIP.length), ZIP);
    }
  }

  /**
   * Refuses what no list of plants has.
   *
   * @param row from 0
   */
  static void refuseTooMuch(int row, List<String> cells) {
    refuseTooManyRows(row + 1);
    refuseTooManyColumns(row + 1, cells.size());
    if (cells.stream().anyMatch(cell -> cell.length() > LONGEST_CELL)) {
      throw new BadEntry(
          "file", "A cell in row %d has more than %d characters.".formatted(row + 1, LONGEST_CELL));
    }
  }

  /**
   * @param rows how many there are so far, empty ones too
   */
  static void refuseTooManyRows(int rows) {
    if (rows > MOST_ROWS) {
      throw new BadEntry(
          "file",
          "A list has at most %d rows, empty ones among them; part it, or remove those."
              .formatted(MOST_ROWS));
    }
  }

  /**
   * @param row from 1
   */
  static void refuseTooManyColumns(int row, int columns) {
    if (columns > MOST_COLUMNS) {
      throw new BadEntry("file", "Row %d has more than %d columns.".formatted(row, MOST_COLUMNS));
    }
  }

  /** More cells than any list has, and so more of what stands between them. */
  static long mostCells() {
    return (long) MOST_ROWS * MOST_COLUMNS;
  }
}
