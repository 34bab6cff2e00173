package almanac.app.copies.packages;

import almanac.app.ground.disk.Sha256;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/**
 * A zip file that may have been made to do harm, or was damaged on its way: only what belongs into
 * a package is looked at, nothing is unpacked beyond what it may be, and every file is read whole
 * and held against its sum before anything of it is kept.
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

  /** Of a hundred thousand photographs. */
  private static final long LONGEST_LIST = 30_000_000;

  private static final byte[] JPEG = {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF};

  private final ZipFile zip;
  private final Map<String, String> sums = new HashMap<>();

  /**
   * Opens a file and reads all of it.
   *
   * @throws BadPackage in a sentence that names the file at fault, if anything in it is not whole
   */
  Unpacking(Path file) throws IOException {
    if (!ZipEnd.listIsAtMost(file, LONGEST_LIST)) {
      throw new BadPackage("This is no zip file, or it was broken off.");
    }
    try {
      zip = new ZipFile(file.toFile());
    } catch (IOException | IllegalArgumentException e) {
      throw new BadPackage("This is no zip file, or it was broken off.");
    }
    try {
      refuseOthers();
      for (var entry : zip.stream().filter(each -> !each.isDirectory()).toList()) {
        read(entry);
      }
      var description = Described.of(this);
      if (description.sealed() && !Sealing.holds(file)) {
        throw new BadPackage("The package was damaged on its way: its seal does not fit.");
      }
      description.refuseOthers(sums);
    } catch (IOException | RuntimeException bad) {
      close();
      throw bad;
    }
  }

  private void refuseOthers() {
    var names = new TreeSet<String>();
    for (var entry : zip.stream().toList()) {
      var name = entry.getName();
      if (!BELONGS.matcher(name).matches()) {
        throw new BadPackage(
            "The package holds “%s”, which does not belong into one. Nothing of it was unpacked."
                .formatted(name.length() > 80 ? name.substring(0, 80) + "…" : name));
      }
      if (!names.add(name)) {
        throw new BadPackage("The package holds %s twice.".formatted(name));
      }
    }
  }

  /** Reads a file of it whole, and holds it against the sum in the list of files. */
  private void read(ZipEntry entry) throws IOException {
    var name = entry.getName();
    var sum = Sha256.begun();
    var check = new CRC32();
    boolean photograph = name.startsWith(PackageCarried.PHOTOGRAPHS);
    try (var in = open(name)) {
      var begins = in.readNBytes(JPEG.length);
      if (photograph && !java.util.Arrays.equals(begins, JPEG)) {
        throw new BadPackage(
            begins.length == 0
                ? "%s is empty.".formatted(name)
                : "%s is no photograph.".formatted(name));
      }
      sum.update(begins);
      check.update(begins);
      var some = new byte[1 << 16];
      for (int read = in.read(some); read >= 0; read = in.read(some)) {
        sum.update(some, 0, read);
        check.update(some, 0, read);
      }
    } catch (IOException | IllegalArgumentException damaged) {
      throw damaged(name);
    }
    if (check.getValue() != entry.getCrc()) {
      throw damaged(name);
    }
    sums.put(name, Sha256.written(sum));
  }

  static BadPackage damaged(String name) {
    return new BadPackage("%s in the package is damaged.".formatted(name));
  }

  /** The sum of a file of it. */
  String sum(String name) {
    return sums.getOrDefault(name, "");
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
        .filter(name -> name.startsWith(PackageCarried.PHOTOGRAPHS) && name.endsWith(".jpg"))
        .map(name -> name.substring(PackageCarried.PHOTOGRAPHS.length()))
        .toList();
  }

  /** The names of all files in it. */
  Set<String> files() {
    return sums.keySet();
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
