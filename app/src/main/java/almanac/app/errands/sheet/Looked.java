package almanac.app.errands.sheet;

import almanac.app.copies.packages.ZipEnd;
import almanac.app.ground.refusals.BadEntry;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.regex.Pattern;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;

/**
 * A workbook that may have been made to do harm, looked through piece by piece before anybody holds
 * it in memory. Of what was looked through a copy is made, so that it is what is read afterwards.
 */
final class Looked {
  /** What is read of a workbook; pictures and the like are not. */
  private static final Pattern READ =
      Pattern.compile(
          "\\[Content_Types]\\.xml|_rels/\\.rels|xl/[A-Za-z0-9_/.-]+\\.xml|xl/_rels/[A-Za-z0-9_.-]+\\.rels");

  private static final Pattern TABLE = Pattern.compile("xl/worksheets/[^/]+\\.xml");
  private static final String TEXTS = "xl/sharedStrings.xml";
  private static final Pattern CELL = Pattern.compile("([A-Z]{1,3})([0-9]{1,7})");

  private static final int MOST_PARTS = 2_000;
  private static final long LONGEST_LIST = 1_000_000;

  /** A list of ten thousand plants unpacks to a tenth. */
  private static final long MOST_UNPACKED = 100_000_000;

  /** Of a part that is no table: names of styles, and the like. */
  private static final long MOST_OF_OTHERS = 4_000_000;

  /**
   * Between one mark of XML and the next: the longest text of a cell, written as wide as can be.
   */
  private static final int LONGEST_PIECE = 400_000;

  /** Texts are told once for all cells that have them. */
  private static final int MOST_TEXTS = 300_000;

  private static final long MOST_TEXT = 30_000_000;

  private final ZipFile zip;
  private final ZipOutputStream copy;
  private long unpacked = MOST_UNPACKED;
  private long text;

  private Looked(ZipFile zip, ZipOutputStream copy) {
    this.zip = zip;
    this.copy = copy;
  }

  /**
   * Looks a workbook through, and writes what of it may be read.
   *
   * @throws BadEntry in a sentence, if it holds more than a list of plants can
   */
  static void through(Path file, Path copy) throws IOException {
    if (!ZipEnd.listIsAtMost(file, LONGEST_LIST)) {
      throw Xlsx.unreadable();
    }
    try (var zip = new ZipFile(file.toFile());
        var out = new ZipOutputStream(Files.newOutputStream(copy))) {
      out.setLevel(Deflater.BEST_SPEED);
      new Looked(zip, out).all();
    } catch (IllegalArgumentException badName) {
      throw Xlsx.unreadable();
    }
  }

  private void all() throws IOException {
    var names = new HashSet<String>();
    for (var entry : zip.stream().toList()) {
      if (!names.add(entry.getName()) || names.size() > MOST_PARTS) {
        throw Xlsx.unreadable();
      }
      if (!entry.isDirectory() && READ.matcher(entry.getName()).matches()) {
        one(entry);
      }
    }
  }

  private void one(ZipEntry entry) throws IOException {
    var name = entry.getName();
    boolean table = TABLE.matcher(name).matches();
    copy.putNextEntry(new ZipEntry(name));
    try (var in = new Pieces(zip.getInputStream(entry), table || name.equals(TEXTS))) {
      var xml = factory().createXMLStreamReader(in);
      if (table) {
        table(xml);
      } else {
        texts(xml);
      }
    } catch (XMLStreamException broken) {
      if (broken.getNestedException() instanceof IOException cause) {
        throw cause;
      }
      throw Xlsx.unreadable();
    }
    copy.closeEntry();
  }

  private static XMLInputFactory factory() {
    var factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    return factory;
  }

  private void table(XMLStreamReader xml) throws XMLStreamException {
    int row = 0;
    int column = 0;
    while (xml.hasNext()) {
      int event = xml.next();
      if (event == XMLStreamConstants.START_ELEMENT) {
        if (xml.getLocalName().equals("row")) {
          row = rowOf(xml.getAttributeValue(null, "r"), row + 1);
          column = 0;
          SheetFile.refuseTooManyRows(row);
        } else if (xml.getLocalName().equals("c")) {
          column = columnOf(xml.getAttributeValue(null, "r"), column + 1);
          SheetFile.refuseTooManyColumns(row, column);
        }
      }
      count(event, xml);
    }
  }

  private void texts(XMLStreamReader xml) throws XMLStreamException {
    int texts = 0;
    while (xml.hasNext()) {
      int event = xml.next();
      if (event == XMLStreamConstants.START_ELEMENT && ++texts > 3 * MOST_TEXTS) {
        throw tooMuch();
      }
      count(event, xml);
    }
  }

  private void count(int event, XMLStreamReader xml) {
    if (event == XMLStreamConstants.CHARACTERS || event == XMLStreamConstants.CDATA) {
      text += xml.getTextLength();
      if (text > MOST_TEXT) {
        throw tooMuch();
      }
    }
  }

  private static int rowOf(@Nullable String said, int next) {
    if (said == null) {
      return next;
    }
    if (!said.matches("[0-9]{1,7}")) {
      throw Xlsx.unreadable();
    }
    return Integer.parseInt(said);
  }

  /** From 1; "AB12" is in the 28th. */
  private static int columnOf(@Nullable String said, int next) {
    if (said == null) {
      return next;
    }
    var cell = CELL.matcher(said);
    if (!cell.matches()) {
      throw Xlsx.unreadable();
    }
    return cell.group(1).chars().reduce(0, (number, letter) -> 26 * number + letter - 'A' + 1);
  }

  private static BadEntry tooMuch() {
    return new BadEntry("file", "This workbook unpacks to far more than a list can be.");
  }

  /** A part as it is unpacked, in pieces that are never too long; it is copied as it is read. */
  private final class Pieces extends FilterInputStream {
    private long left;
    private int piece;

    Pieces(InputStream in, boolean large) {
      super(in);
      left = large ? MOST_UNPACKED : MOST_OF_OTHERS;
    }

    @Override
    public int read() throws IOException {
      var one = new byte[1];
      return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
    }

    @Override
    public int read(byte[] into, int start, int length) throws IOException {
      int read = super.read(into, start, length);
      if (read <= 0) {
        return read;
      }
      left -= read;
      unpacked -= read;
      for (int i = start; i < start + read; i++) {
        piece = into[i] == '<' ? 0 : piece + 1;
        if (piece > LONGEST_PIECE) {
          throw tooMuch();
        }
      }
      if (left < 0 || unpacked < 0) {
        throw tooMuch();
      }
      copy.write(into, start, read);
      return read;
    }
  }
}
