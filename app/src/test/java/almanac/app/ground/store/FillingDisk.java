package almanac.app.ground.store;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import org.h2.store.fs.FileBaseDefault;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/**
 * A disk for H2 that is full after so many writes, in the middle of the one that is one too many.
 * Its files are addressed as {@code filling:/path}.
 */
public final class FillingDisk extends FilePathWrapper {
  static final String SCHEME = "filling";
  private static volatile int left = Integer.MAX_VALUE;

  static void plugIn() {
    FilePath.register(new FillingDisk());
  }

  /** So many writes more are taken. */
  static void holds(int writes) {
    left = writes;
  }

  static void hasRoomAgain() {
    left = Integer.MAX_VALUE;
  }

  @Override
  public String getScheme() {
    return SCHEME;
  }

  @Override
  public FileChannel open(String mode) throws IOException {
    return new Filling(getBase().open(mode));
  }

  private static final class Filling extends FileBaseDefault {
    private final FileChannel base;

    Filling(FileChannel base) {
      this.base = base;
    }

    @Override
    public int write(ByteBuffer from, long position) throws IOException {
      if (left <= 0) {
        var half = from.duplicate();
        half.limit(half.position() + half.remaining() / 2);
        base.write(half, position);
        throw new IOException("No space left on device");
      }
      left--;
      return base.write(from, position);
    }

    @Override
    protected void implTruncate(long size) throws IOException {
      base.truncate(size);
    }

    @Override
    public void force(boolean metaData) throws IOException {
      base.force(metaData);
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
