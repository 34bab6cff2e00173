package almanac.app.ground.disk;

import java.io.UncheckedIOException;
import java.sql.SQLException;
import java.util.Set;
import org.h2.mvstore.DataUtils;
import org.h2.mvstore.MVStoreException;

/** Failures that come from the disk, and not from what was asked. */
public final class DiskFaults {
  /** The faults of H2 that say: the file can no longer be read or written. */
  private static final Set<Integer> OF_THE_DISK = Set.of(90028, 90030, 90031, 90098);

  /** What is below them, where H2 has no fault of its own for it. */
  private static final Set<Integer> OF_THE_STORE =
      Set.of(
          DataUtils.ERROR_READING_FAILED, DataUtils.ERROR_WRITING_FAILED, DataUtils.ERROR_CLOSED);

  private DiskFaults() {}

  /** Whether the disk is at the bottom of a failure. */
  public static boolean caused(Throwable failure) {
    for (var cause = failure; cause != null; cause = cause.getCause()) {
      if (cause instanceof UncheckedIOException) {
        return true;
      }
    }
    return ofTheFile(failure);
  }

  /** Whether the database gave its file up, because it could not be written or read. */
  public static boolean ofTheFile(Throwable failure) {
    for (var cause = failure; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException sql && OF_THE_DISK.contains(sql.getErrorCode())
          || cause instanceof MVStoreException store
              && OF_THE_STORE.contains(store.getErrorCode())) {
        return true;
      }
    }
    return false;
  }
}
