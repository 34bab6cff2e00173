package almanac.app.sheets;

import almanac.app.refusals.BadEntry;
import java.io.EOFException;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ExcelReaderException;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;

/** The first sheet with something in it of an XLSX workbook. */
final class Xlsx {
  /** A list of ten thousand plants unpacks to a tenth. */
  private static final long MOST_UNPACKED = 100_000_000;

  private static final int BUFFER = 1 << 16;

  /** A number is a day where it is shown with a year or a month; what is quoted is text. */
  private static final Pattern DAY = Pattern.compile("(?i).*(y|d|mmm).*");

  private static final Pattern QUOTED = Pattern.compile("\"[^\"]*\"|\\[[^]]*]|\\\\.");

  private Xlsx() {}

  static List<List<String>> rows(Path file) throws IOException {
    refuseTrap(file);
    try (var book = new ReadableWorkbook(file.toFile())) {
      for (var sheet : book.getSheets().toList()) {
        var rows = rows(sheet.read());
        if (!rows.isEmpty()) {
          return rows;
        }
      }
      return List.of();
    } catch (ExcelReaderException
        | IOException
        | IllegalStateException
        | IndexOutOfBoundsException
        | NumberFormatException
        | NullPointerException e) {
      throw unreadable();
    }
  }

  private static BadEntry unreadable() {
    return new BadEntry("file", "This is no XLSX workbook, or it is damaged.");
  }

  /** What the file says of its own size is not believed. */
  private static void refuseTrap(Path file) throws IOException {
    long left = MOST_UNPACKED;
    var buffer = new byte[BUFFER];
    try (var zip = new ZipFile(file.toFile())) {
      for (var entry : zip.stream().toList()) {
        try (var in = zip.getInputStream(entry)) {
          for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
            left -= read;
            if (left < 0) {
              throw new BadEntry("file", "This workbook unpacks to far more than a list can be.");
            }
          }
        }
      }
    } catch (ZipException | EOFException e) {
      throw unreadable();
    }
  }

  private static List<List<String>> rows(List<Row> read) {
    var rows = new ArrayList<List<String>>();
    for (var row : read) {
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
