package almanac.app.copies.packages;

import java.io.FilterReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** The rows of a table in a package, one after another. */
final class Rows implements AutoCloseable {
  /** Longer than the longest row that any table has. */
  private static final int LONGEST = 2_000_000;

  private final String file;
  private final CSVParser parser;
  private final Watched reader;
  private final Iterator<CSVRecord> records;
  private final Map<String, Integer> places = new HashMap<>();
  private CSVRecord row;
  private long number = 1;

  /**
   * @param header the columns that there must be, in whatever order
   * @throws BadPackage if it has others
   */
  Rows(Unpacking zip, Layout.Table table) throws IOException {
    this.file = table.file();
    var decoder =
        StandardCharsets.UTF_8
            .newDecoder()
            .onMalformedInput(CodingErrorAction.REPORT)
            .onUnmappableCharacter(CodingErrorAction.REPORT);
    reader = new Watched(new InputStreamReader(zip.open(file), decoder));
    parser = CSVParser.parse(reader, CSVFormat.RFC4180);
    records = parser.iterator();
    if (!next()) {
      throw new BadPackage("%s is empty; its first row names the columns.".formatted(file));
    }
    for (int i = 0; i < row.size(); i++) {
      places.put(row.get(i), i);
    }
    refuseOthers(PackageCarried.header(table));
    number = 1;
  }

  private void refuseOthers(List<String> header) {
    for (var name : header) {
      if (!places.containsKey(name)) {
        throw new BadPackage("%s has no column “%s”.".formatted(file, name));
      }
    }
    if (places.size() != header.size() || row.size() != header.size()) {
      throw new BadPackage(
          "%s has columns that are not known: it should have %s."
              .formatted(file, String.join(", ", header)));
    }
  }

  /** Goes on to the next row, if there is one. */
  boolean next() {
    try {
      reader.left = LONGEST;
      if (!records.hasNext()) {
        return false;
      }
      row = records.next();
    } catch (UncheckedIOException | IllegalStateException e) {
      throw bad("it cannot be read as a table in UTF-8");
    }
    number++;
    if (!places.isEmpty() && row.size() != places.size()) {
      throw bad("it has %d cells instead of %d".formatted(row.size(), places.size()));
    }
    return true;
  }

  String cell(String column) {
    return row.get(places.get(column));
  }

  /** What is wrong with the present row. */
  BadPackage bad(String why) {
    return BadPackage.at(file, number, why);
  }

  long number() {
    return number;
  }

  @Override
  public void close() throws IOException {
    parser.close();
  }

  /** Reads no row that is longer than any can be. */
  private final class Watched extends FilterReader {
    private int left = LONGEST;

    Watched(Reader in) {
      super(in);
    }

    @Override
    public int read(char[] into, int start, int length) throws IOException {
      int read = super.read(into, start, length);
      left -= Math.max(0, read);
      if (left < 0) {
        throw bad("it is longer than any row can be");
      }
      return read;
    }
  }
}
