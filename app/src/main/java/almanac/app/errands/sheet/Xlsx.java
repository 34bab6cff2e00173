package almanac.app.errands.sheet;

import almanac.app.ground.refusals.BadEntry;
import java.io.EOFException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.zip.ZipException;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;

/** The first sheet with something in it of an XLSX workbook. */
final class Xlsx {
  /** A number is a day where it is shown with a year or a month; what is quoted is text. */
  private static final Pattern DAY = Pattern.compile("(?i).*(y|d|mmm).*");

  private static final Pattern QUOTED = Pattern.compile("\"[^\"]*\"|\\[[^]]*]|\\\\.");

  private Xlsx() {}

  static List<List<String>> rows(Path file) throws IOException {
    var looked = Files.createTempFile("almanac-sheet", "");
    try {
      Looked.through(file, looked);
      return ofLooked(looked);
    } catch (ZipException | EOFException e) {
      throw unreadable();
    } finally {
      Files.delete(looked);
    }
  }

  private static List<List<String>> ofLooked(Path file) throws IOException {
    try (var book = new ReadableWorkbook(file.toFile())) {
      for (var sheet : book.getSheets().toList()) {
        try (var rows = sheet.openStream()) {
          var read = rows(rows.iterator());
          if (!read.isEmpty()) {
            return read;
          }
        }
      }
      return List.of();
    } catch (BadEntry refused) {
      throw refused;
    } catch (IOException | RuntimeException e) {
      // Its reader fails in many ways over what it was not made for.
      throw unreadable();
    }
  }

  static BadEntry unreadable() {
    return new BadEntry("file", "This is no XLSX workbook, or it is damaged.");
  }

  private static List<List<String>> rows(Iterator<Row> read) {
    var rows = new ArrayList<List<String>>();
    while (read.hasNext()) {
      var row = read.next();
      int at = row.getRowNum() - 1;
      SheetFile.refuseTooMuch(at, List.of());
      while (rows.size() < at) {
        rows.add(List.of());
      }
      var cells = new ArrayList<String>();
      for (int column = 0; column < row.getCellCount(); column++) {
        var cell = row.getCell(column);
        cells.add(cell == null ? "" : text(cell));
      }
      SheetFile.refuseTooMuch(at, cells);
      rows.add(cells);
    }
    return rows;
  }

  private static String text(Cell cell) {
    if (cell.getType() == CellType.NUMBER || cell.getType() == CellType.FORMULA) {
      return day(cell) ? onDay(cell) : number(cell.getRawValue());
    }
    return cell.getType() == CellType.ERROR ? "" : cell.getText();
  }

  private static boolean day(Cell cell) {
    var format = cell.getDataFormatString();
    return format != null
        && cell.getType() == CellType.NUMBER
        && DAY.matcher(QUOTED.matcher(format).replaceAll("")).matches();
  }

  private static String onDay(Cell cell) {
    var at = cell.asDate();
    return at.toLocalTime().equals(LocalTime.MIDNIGHT)
        ? at.toLocalDate().toString()
        : at.toString();
  }

  /** Without the digits that only a computer counts. */
  private static String number(String raw) {
    if (raw == null) {
      return "";
    }
    try {
      double value = Double.parseDouble(raw);
      return value == Math.rint(value) && Math.abs(value) < 1e15
          ? String.valueOf((long) value)
          : String.format(Locale.ROOT, "%.10g", value).replaceAll("0+$", "");
    } catch (NumberFormatException notOne) {
      return raw;
    }
  }
}
