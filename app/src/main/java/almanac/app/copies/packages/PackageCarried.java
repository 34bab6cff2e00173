package almanac.app.copies.packages;

import almanac.app.copies.packages.Column.Kept;
import almanac.app.copies.schema.Schema;
import almanac.app.ground.disk.Sha256;
import almanac.app.record.photos.PhotoFiles;
import almanac.app.record.photos.PhotoSums;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * Writes a collection as a package of tables, with its photographs beside them. What is the same is
 * written byte by byte the same.
 */
public final class PackageCarried {
  static final String PHOTOGRAPHS = "photographs/";
  private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

  /** The mark of the demo stays with the folder that it was made in. */
  private static final String WITHOUT_MARK = " where name <> 'collection'";

  private final Connection connection;
  private final OutsideNames names;

  private PackageCarried(Connection connection) throws SQLException {
    this.connection = connection;
    this.names = OutsideNames.of(connection);
  }

  /**
   * Writes all of it.
   *
   * @param connection that sees the database as it was at one moment
   * @param photographs the folder with those of the collection
   * @throws MissingPhotograph if one is not there, or not as it came
   */
  public static void write(Connection connection, Path photographs, OutputStream out)
      throws IOException, SQLException {
    new PackageCarried(connection).write(photographs, out);
  }

  private void write(Path photographs, OutputStream out) throws IOException, SQLException {
    var sealing = new Sealing(out);
    var zip = new ZipOutputStream(sealing);
    zip.setComment(Sealing.OPEN);
    var written = new ArrayList<Description.Written>();
    for (var table : Layout.of(connection, Schema.LATEST)) {
      begin(zip, table.file());
      var counted = new Counted(zip);
      rows(table, counted);
      zip.closeEntry();
      written.add(new Description.Written(table, counted.bytes, counted.digest()));
    }
    begin(zip, Description.FILE);
    zip.write(Description.of(Schema.LATEST, written));
    zip.closeEntry();
    photographs(zip, photographs);
    zip.finish();
    sealing.seal();
  }

  private static void begin(ZipOutputStream zip, String name) throws IOException {
    var entry = new ZipEntry(name);
    entry.setTimeLocal(NO_TIME);
    zip.putNextEntry(entry);
  }

  private void photographs(ZipOutputStream zip, Path photographs) throws IOException, SQLException {
    var sums = PhotoSums.of(connection);
    try (var statement = connection.createStatement();
        var rows =
            statement.executeQuery("select file, plant_id, taken_on from photo order by file")) {
      while (rows.next()) {
        for (var name : PhotoFiles.names(rows.getString(1))) {
          var file = photographs.resolve(name);
          if (!PhotoSums.sound(file, sums)) {
            throw new MissingPhotograph(
                plant(rows.getLong(2)),
                rows.getObject(3, LocalDate.class),
                name,
                Files.exists(file));
          }
          begin(zip, PHOTOGRAPHS + name);
          Files.copy(file, zip);
          zip.closeEntry();
        }
      }
    }
  }

  private String plant(long id) throws SQLException {
    try (var statement = connection.prepareStatement("select name from plant where id = ?")) {
      statement.setLong(1, id);
      try (var row = statement.executeQuery()) {
        return row.next() ? row.getString(1) : "";
      }
    }
  }

  private void rows(Layout.Table table, OutputStream out) throws IOException, SQLException {
    var writer = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.UTF_8));
    var printer = new CSVPrinter(writer, CSVFormat.RFC4180);
    printer.printRecord(header(table));
    try (var statement = connection.createStatement();
        var rows = statement.executeQuery(query(table))) {
      while (rows.next()) {
        printer.printRecord(cells(table, rows));
      }
    }
    printer.flush();
  }

  /** The names of the cells of a table. */
  static List<String> header(Layout.Table table) {
    var header = new ArrayList<String>();
    for (var column : table.columns()) {
      if (column.refers() == Kept.HAPPENING) {
        header.addAll(List.of("act", "happening"));
      } else {
        header.add(column.name());
      }
      if (turned(table, column)) {
        header.add("happening");
      }
    }
    return header;
  }

  /** Whether the turn of a happening in its act stands behind a column. */
  static boolean turned(Layout.Table table, Column column) {
    return table.numbered() == Kept.HAPPENING && column.refers() == Kept.ACT;
  }

  private static String query(Layout.Table table) {
    var columns =
        table.columns().stream()
            .map(column -> "\"" + column.source() + "\"")
            .collect(Collectors.joining(", "));
    return "select %s%s from \"%s\"%s order by %s"
        .formatted(
            columns,
            table.ownNumber() ? ", \"ID\"" : "",
            table.name(),
            table.name().equals("SETTING") ? WITHOUT_MARK : "",
            String.join(", ", table.order()));
  }

  private List<String> cells(Layout.Table table, ResultSet row) throws SQLException {
    var cells = new ArrayList<String>();
    for (int i = 0; i < table.columns().size(); i++) {
      var column = table.columns().get(i);
      var refers = column.refers();
      if (refers == null) {
        cells.add(column.value().cell(row, i + 1));
        continue;
      }
      long id = row.getLong(i + 1);
      if (row.wasNull()) {
        cells.add("");
      } else if (refers == Kept.HAPPENING) {
        cells.add(names.actOf(id));
        cells.add(String.valueOf(names.turnOf(id)));
      } else {
        cells.add(names.uid(refers, id));
      }
      if (turned(table, column)) {
        cells.add(String.valueOf(names.turnOf(row.getLong(table.columns().size() + 1))));
      }
    }
    return cells;
  }

  /** Counts and digests what goes through it, and leaves what is behind it open. */
  private static final class Counted extends OutputStream {
    private final DigestOutputStream out;
    private long bytes;

    Counted(OutputStream out) {
      this.out = new DigestOutputStream(out, Sha256.begun());
    }

    @Override
    public void write(int b) throws IOException {
      out.write(b);
      bytes++;
    }

    @Override
    public void write(byte[] from, int start, int length) throws IOException {
      out.write(from, start, length);
      bytes += length;
    }

    @Override
    public void flush() throws IOException {
      out.flush();
    }

    String digest() {
      return Sha256.written(out.getMessageDigest());
    }
  }
}
