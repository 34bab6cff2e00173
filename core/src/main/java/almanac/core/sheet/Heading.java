package almanac.core.sheet;

import almanac.core.kinds.Genera;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Finds the headings among the rows of a file, which may begin with a title or with nothing. */
public final class Heading {
  /** Titles, dates of printing and empty rows above a table are fewer. */
  private static final int SEARCHED = 10;

  private Heading() {}

  /**
   * The table that rows make.
   *
   * @param rows all of a file, in their order, blank ones too
   */
  public static Sheet of(List<List<String>> rows, LocalDate today) {
    int heading = -1;
    long most = 0;
    for (int row = 0; row < Math.min(rows.size(), SEARCHED); row++) {
      long known = Meaning.recognised(rows.get(row));
      if (known > most && !plant(rows.get(row), today)) {
        most = known;
        heading = row;
      }
    }
    if (heading < 0) {
      heading = firstFilled(rows);
      if (heading >= 0 && plant(rows.get(heading), today)) {
        heading--;
      }
    }
    int width = rows.stream().skip(heading + 1L).mapToInt(Heading::width).max().orElse(0);
    width = Math.max(width, heading < 0 ? 0 : width(rows.get(heading)));
    var heads = new ArrayList<String>();
    for (int column = 0; column < width; column++) {
      var head = heading < 0 ? "" : cell(rows.get(heading), column);
      heads.add(head.isEmpty() ? "column " + letters(column) : head);
    }
    int above = heading;
    return new Sheet(
        heads,
        IntStream.range(above + 1, rows.size())
            .filter(row -> width(rows.get(row)) > 0)
            .mapToObj(row -> new Sheet.Row(row + 1, rows.get(row)))
            .toList());
  }

  private static int firstFilled(List<List<String>> rows) {
    return IntStream.range(0, rows.size())
        .filter(row -> width(rows.get(row)) > 0)
        .findFirst()
        .orElse(-1);
  }

  /** Nobody heads a column with a genus or a day. */
  private static boolean plant(List<String> cells, LocalDate today) {
    return cells.stream()
        .anyMatch(
            cell ->
                Genera.of(cell).isPresent()
                    || !cell.isBlank() && WrittenDay.read(cell, today).readable());
  }

  /** Up to the last cell in which something stands. */
  private static int width(List<String> cells) {
    int width = cells.size();
    while (width > 0 && cells.get(width - 1).isBlank()) {
      width--;
    }
    return width;
  }

  private static String cell(List<String> cells, int column) {
    return column < cells.size() ? cells.get(column).strip() : "";
  }

  /** As spreadsheets call a column: A to Z, then AA. */
  static String letters(int column) {
    var last = String.valueOf((char) ('A' + column % 26));
    return column < 26 ? last : letters(column / 26 - 1) + last;
  }
}
