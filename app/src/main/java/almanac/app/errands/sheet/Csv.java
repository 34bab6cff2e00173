package almanac.app.errands.sheet;

import almanac.app.ground.refusals.BadEntry;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** A table of text, with whatever between its cells and in whichever of the usual encodings. */
final class Csv {
  private static final List<Character> BETWEEN = List.of(',', ';', '\t', '|');
  private static final Charset OLD_WINDOWS = Charset.forName("windows-1252");
  private static final char MARK = '\uFEFF';

  /** So many rows show what stands between their cells. */
  private static final int TRIED = 50;

  private Csv() {}

  static List<List<String>> rows(byte[] bytes) {
    var text = text(bytes);
    if (text.indexOf('\0') >= 0) {
      throw new BadEntry("file", "This is no table: neither CSV nor XLSX.");
    }
    for (char each : BETWEEN) {
      if (text.chars().filter(c -> c == each).count() > SheetFile.mostCells()) {
        throw new BadEntry("file", "This file has far more cells than a list can have.");
      }
    }
    char between =
        BETWEEN.stream()
            .max(Comparator.comparingLong(each -> cellsBeyondTheFirst(text, each)))
            .orElseThrow();
    return read(text, between, Integer.MAX_VALUE);
  }

  private static String text(byte[] bytes) {
    if (bytes.length > 1 && (bytes[0] & 0xFF) == 0xFF && (bytes[1] & 0xFF) == 0xFE
        || bytes.length > 1 && (bytes[0] & 0xFF) == 0xFE && (bytes[1] & 0xFF) == 0xFF) {
      return new String(bytes, StandardCharsets.UTF_16);
    }
    try {
      var text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
      return text.startsWith(String.valueOf(MARK)) ? text.substring(1) : text;
    } catch (CharacterCodingException e) {
      return new String(bytes, OLD_WINDOWS);
    }
  }

  /** How often the most common number of cells occurs, times the cells beyond the first. */
  private static long cellsBeyondTheFirst(String text, char between) {
    try {
      var widths = read(text, between, TRIED).stream().map(List::size).toList();
      return widths.stream()
          .mapToLong(width -> (width - 1L) * widths.stream().filter(width::equals).count())
          .max()
          .orElse(0);
    } catch (BadEntry notThis) {
      return 0;
    }
  }

  private static List<List<String>> read(String text, char between, int most) {
    var rows = new ArrayList<List<String>>();
    var format =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter(between)
            .setIgnoreEmptyLines(false)
            .setLenientEof(true)
            .setTrailingData(true)
            .get();
    try (var parser = format.parse(new StringReader(text))) {
      for (CSVRecord record : parser) {
        if (rows.size() == most) {
          break;
        }
        var cells = record.toList();
        SheetFile.refuseTooMuch(rows.size(), cells);
        rows.add(cells);
      }
      return rows;
    } catch (IOException | UncheckedIOException | IllegalStateException e) {
      throw new BadEntry(
          "file", "Row %d cannot be read; a quotation mark is missing.".formatted(rows.size() + 1));
    }
  }
}
