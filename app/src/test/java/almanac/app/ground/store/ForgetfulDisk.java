package almanac.app.ground.store;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.h2.store.fs.FileBaseDefault;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/**
 * A disk for H2 that keeps only what it was told to sync: when the power goes, of what was written
 * since then it has some and not other, in whatever order. Its files are addressed as {@code
 * forgetful:/path}.
 */
public final class ForgetfulDisk extends FilePathWrapper {
  static final String SCHEME = "forgetful";
  private static Cut cut = (found, lost) -> {};
  private static Random random = new Random();
  private static int writesToCut;

  /** The power goes; the machine writes on all the same, for the next cut. */
  interface Cut {
    /**
     * @param found what is on the disk then
     * @param lost how many writes are not
     */
    void power(byte[] found, int lost);
  }

  /**
   * Every file that is opened from now on.
   *
   * @param writesToCut the power goes after one write in so many
   */
  static void plugIn(Cut cut, int writesToCut, Random random) {
    ForgetfulDisk.cut = cut;
    ForgetfulDisk.writesToCut = writesToCut;
    ForgetfulDisk.random = random;
    FilePath.register(new ForgetfulDisk());
  }

  @Override
  public String getScheme() {
    return SCHEME;
  }

  @Override
  public FileChannel open(String mode) throws IOException {
    return new Spinning(getBase().open(mode));
  }

  private record Write(long position, byte[] bytes) {}

  /** A file with what was synced of it and what was written since. */
  private static final class Spinning extends FileBaseDefault {
    private final FileChannel base;
    private final List<Write> since = new ArrayList<>();
    private byte[] synced;

    Spinning(FileChannel base) throws IOException {
      this.base = base;
      synced = whole();
    }

    private byte[] whole() throws IOException {
      var all = ByteBuffer.allocate((int) base.size());
      while (all.hasRemaining() && base.read(all, all.position()) >= 0) {
        // Until all is read.
      }
      return all.array();
    }

    private void perhapsCut() {
      if (random.nextInt(writesToCut) > 0) {
        return;
      }
      var left = synced;
      int lost = 0;
      for (var write : since) {
        if (random.nextBoolean()) {
          left = written(left, write);
        } else {
          lost++;
        }
      }
      cut.power(left, lost);
    }

    private static byte[] written(byte[] before, Write write) {
      if (write.bytes() == null) {
        return Arrays.copyOf(before, (int) write.position());
      }
      int end = (int) write.position() + write.bytes().length;
      var after = Arrays.copyOf(before, Math.max(before.length, end));
      System.arraycopy(write.bytes(), 0, after, (int) write.position(), write.bytes().length);
      return after;
    }

    @Override
    public synchronized int write(ByteBuffer from, long position) throws IOException {
      var bytes = new byte[from.remaining()];
      from.duplicate().get(bytes);
      since.add(new Write(position, bytes));
      perhapsCut();
      return base.write(from, position);
    }

    @Override
    protected synchronized void implTruncate(long size) throws IOException {
      since.add(new Write(size, null));
      base.truncate(size);
    }

    @Override
    public synchronized void force(boolean metaData) throws IOException {
      base.force(metaData);
      synced = whole();
      since.clear();
    }

    @Override
    public int read(ByteBuffer into, long position) throws IOException {
      return base.read(into, position);
    }

    @Override
    public long size() throws IOException {
      return base.size();
    }

    @Override
    public FileLock tryLock(long position, long size, boolean shared) throws IOException {
      return base.tryLock(position, size, shared);
    }

    @Override
    protected void implCloseChannel() throws IOException {
      base.close();
    }
  }
}
