package almanac.app.carrying;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;

/**
 * A zip file that may have been made to do harm: only what belongs into a package is looked at, and
 * nothing is unpacked beyond what it may be.
 */
final class Unpacking implements AutoCloseable {
  private static final Pattern BELONGS =
      Pattern.compile(
          "datapackage\\.json|[a-z_]{1,60}\\.csv|photographs/|photographs/[0-9a-zA-Z-]{1,60}\\.jpg");

  /** Tables shrink to a tenth, or a thirtieth; what shrinks more is a trap. */
  private static final long MOST_TIMES = 200;

  private static final long SMALL = 1_000_000;

  /** A table of a million rows has a tenth of it. */
  private static final long MOST_BYTES = 2_000_000_000L;

  private final ZipFile zip;

  Unpacking(Path file) throws IOException {
    try {
      zip = new ZipFile(file.toFile());
    } catch (ZipException e) {
      throw new BadPackage("This is no zip file, or it was broken off.");
    }
    var entries = zip.entries();
    while (entries.hasMoreElements()) {
      var name = entries.nextElement().getName();
      if (!BELONGS.matcher(name).matches()) {
        close();
        throw new BadPackage(
            "The package holds “%s”, which does not belong into one. Nothing of it was unpacked."
                .formatted(name.length() > 80 ? name.substring(0, 80) + "…" : name));
      }
    }
  }

  boolean has(String name) {
    return zip.getEntry(name) != null;
  }

  /**
   * What a file holds.
   *
   * @throws BadPackage if there is none of that name; while it is read, if it unpacks to too much
   */
  InputStream open(String name) throws IOException {
    var entry = zip.getEntry(name);
    if (entry == null) {
      throw new BadPackage("The package has no %s.".formatted(name));
    }
    return new Limited(zip.getInputStream(entry), most(entry), name);
  }

  private static long most(ZipEntry entry) {
    return Math.min(MOST_BYTES, SMALL + MOST_TIMES * Math.max(0, entry.getCompressedSize()));
  }

  /** The names of the photographs in it. */
  List<String> photographs() {
    return zip.stream()
        .map(ZipEntry::getName)
        .filter(name -> name.startsWith(Carriage.PHOTOGRAPHS) && name.endsWith(".jpg"))
        .map(name -> name.substring(Carriage.PHOTOGRAPHS.length()))
        .toList();
  }

  @Override
  public void close() throws IOException {
    zip.close();
  }

  private static final class Limited extends FilterInputStream {
    private final String name;
    private long left;

    Limited(InputStream in, long most, String name) {
      super(in);
      this.left = most;
      this.name = name;
    }

    @Override
    public int read() throws IOException {
      int read = super.read();
      count(read < 0 ? 0 : 1);
      return read;
    }

    @Override
    public int read(byte[] into, int start, int length) throws IOException {
      int read = super.read(into, start, length);
      count(Math.max(0, read));
      return read;
    }

    private void count(int read) {
      left -= read;
      if (left < 0) {
        throw new BadPackage("%s unpacks to far more than a table can be.".formatted(name));
      }
    }
  }
}
