package almanac.app.copies.upkeep;

import almanac.app.copies.schema.Schema;
import almanac.app.ground.disk.DataDisk;
import almanac.app.ground.disk.DatabaseFile;
import almanac.app.ground.refusals.Busy;
import almanac.app.ground.store.Exchange;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Opens the file of the collection anew after its disk has failed, and writes it anew where much of
 * it holds nothing any more.
 */
@Component
class Upkeep {
  private static final Logger LOG = LoggerFactory.getLogger(Upkeep.class);
  private static final long EVERY_MILLIS = 500;

  private final DataDisk disk;
  private final Exchange exchange;
  private final Clock clock;
  private final FileGrowth growth;

  Upkeep(DataDisk disk, Exchange exchange, Clock clock) throws IOException {
    this.disk = disk;
    this.exchange = exchange;
    this.clock = clock;
    this.growth = new FileGrowth(Files.size(disk.database()));
  }

  @Scheduled(fixedDelay = EVERY_MILLIS)
  void look() {
    try {
      if (disk.canBeOpenedAnew()) {
        exchange.openAnew();
        LOG.warn("The collection was opened anew, after its disk had failed.");
      }
      if (disk.trouble().isEmpty()
          && growth.tooLarge(Files.size(disk.database()), clock.instant())) {
        writeAnew();
      }
    } catch (Busy others) {
      LOG.info("The file of the collection is written anew later: somebody reads for long.");
      growth.later(clock.instant());
    } catch (IOException | RuntimeException e) {
      LOG.warn("The file of the collection was not looked after", e);
    }
  }

  /** Whoever closes it waits for most of a second, and finds a small file next time. */
  @PreDestroy
  void leaveSmall() {
    try {
      if (disk.trouble().isEmpty() && growth.worthIt(Files.size(disk.database()))) {
        writeAnew();
      }
    } catch (IOException | RuntimeException e) {
      LOG.warn("The file of the collection was left as it is", e);
    }
  }

  /** Where that fails it is tried again when it has grown as much once more. */
  private void writeAnew() throws IOException {
    try {
      exchange.replaceBy(this::written);
      growth.settled(Files.size(disk.database()));
    } catch (UncheckedIOException | IllegalStateException failed) {
      growth.settled(Files.size(disk.database()));
      throw failed;
    }
  }

  private Path written(DatabaseFile present) {
    var made = DatabaseFile.madeSmaller(disk.folder());
    try {
      Schema.writeAnew(present, made);
      return made.file();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }
}
