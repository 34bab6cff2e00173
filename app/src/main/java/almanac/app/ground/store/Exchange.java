package almanac.app.ground.store;

import almanac.app.ground.disk.DataDisk;
import almanac.app.ground.disk.DatabaseFile;
import almanac.app.ground.disk.OnDisk;
import almanac.app.ground.refusals.Busy;
import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Closes the database between two requests, to open another one or the same one anew. */
@Component
public class Exchange {
  private static final long BETWEEN_LOOKS_MILLIS = 25;

  /** Who asked for it waits so long for those who read. */
  private static final Duration PATIENCE = Duration.ofSeconds(10);

  /**
   * What is done by itself keeps nobody waiting for longer. The database alone takes up to a second
   * to be closed where there is much to do besides.
   */
  private static final Duration BY_ITSELF = Duration.ofSeconds(3);

  /** What is done with the file while nobody has it open. */
  private interface WhileClosed {
    void with(Path file) throws IOException;
  }

  private final OneWriter writer;
  private final HikariDataSource pool;
  private final DataDisk disk;
  private final ApplicationEventPublisher events;

  Exchange(
      OneWriter writer, HikariDataSource pool, DataDisk disk, ApplicationEventPublisher events) {
    this.writer = writer;
    this.pool = pool;
    this.disk = disk;
    this.events = events;
  }

  /**
   * Puts a database in the place of the present one. Whoever writes is done before, whoever asks
   * meanwhile waits.
   *
   * @param database up to date, on the same disk; it is moved
   * @throws Busy if those who read are not done in time; then nothing was changed
   */
  public void replaceBy(Path database) {
    writer.alone(
        () ->
            close(
                PATIENCE,
                file -> {
                  OnDisk.place(database, file);
                  readAnew();
                }));
  }

  /** How another file is made that holds the same. */
  public interface Making {
    /**
     * Makes it while nobody writes; whoever reads goes on.
     *
     * @return up to date, on the same disk; it is moved
     */
    Path of(DatabaseFile present);
  }

  /**
   * Makes another file of the present one that holds the same, and puts it in its place, before
   * anybody writes again. What was read of it is as true as before.
   *
   * @throws Busy if those who write or read are not done in time; then nothing was changed
   */
  public void replaceBy(Making making) {
    writer.alone(
        () -> {
          var made = making.of(DatabaseFile.in(disk.folder()));
          close(BY_ITSELF, file -> OnDisk.place(made, file));
        });
  }

  /**
   * Opens the same file anew, after the database gave it up. What was not written whole is not in
   * it; what anybody was told to be kept is.
   *
   * @throws Busy if those who read are not done in time
   */
  public void openAnew() {
    writer.alone(
        () -> {
          writer.giveUp();
          close(PATIENCE, file -> readAnew());
        });
  }

  private void close(Duration patience, WhileClosed task) {
    var connections = pool.getHikariPoolMXBean();
    connections.suspendPool();
    try {
      var file = disk.database();
      awaitClosed(file, patience, connections);
      task.with(file);
      disk.replaced();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } finally {
      connections.resumePool();
    }
  }

  private void readAnew() {
    events.publishEvent(new CollectionReplaced());
  }

  /** H2 closes the file with the last connection, and has it locked until then. */
  private static void awaitClosed(Path file, Duration patience, HikariPoolMXBean connections)
      throws IOException {
    for (long left = patience.toMillis(); left > 0; left -= BETWEEN_LOOKS_MILLIS) {
      // Again and again: one may just be opened that is not among the others yet.
      connections.softEvictConnections();
      try (var channel = FileChannel.open(file, StandardOpenOption.READ, StandardOpenOption.WRITE);
          var lock = channel.tryLock()) {
        if (lock != null) {
          return;
        }
      } catch (OverlappingFileLockException open) {
        // It is looked at again.
      }
      await();
    }
    throw new Busy();
  }

  private static void await() {
    try {
      Thread.sleep(BETWEEN_LOOKS_MILLIS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Busy();
    }
  }
}
