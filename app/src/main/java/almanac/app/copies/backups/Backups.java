package almanac.app.copies.backups;

import almanac.app.copies.schema.Schema;
import almanac.app.ground.disk.DataDisk;
import almanac.app.ground.refusals.Conflict;
import almanac.app.ground.refusals.NotFound;
import almanac.app.ground.refusals.NotNow;
import almanac.app.ground.refusals.Sentences;
import almanac.app.ground.store.Exchange;
import almanac.app.record.photos.PhotoFiles;
import almanac.app.record.site.Today;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** Takes backups by itself while the program runs, and brings one back. */
@Service
public class Backups {
  private static final Logger LOG = LoggerFactory.getLogger(Backups.class);

  /** Who opens the program to look something up is not kept waiting. */
  private static final long FIRST_MILLIS = 20_000;

  private static final long EVERY_MILLIS = 600_000;

  private final JdbcTemplate db;
  private final DataDisk disk;
  private final Exchange exchange;
  private final Today today;
  private final Clock clock;
  private final BackupFolder here;
  private final SecondPlace second;
  private volatile @Nullable String failed;
  private volatile @Nullable String secondFailed;

  Backups(JdbcTemplate db, DataDisk disk, Exchange exchange, Today today, Clock clock) {
    this.clock = clock;
    this.db = db;
    this.disk = disk;
    this.exchange = exchange;
    this.today = today;
    this.here = BackupFolder.of(disk.folder());
    this.second = new SecondPlace(here);
  }

  /** Those that there are, the newest first. */
  List<Backup> all() {
    try {
      return here.all();
    } catch (IOException e) {
      throw notNow("The backups cannot be read", e);
    }
  }

  BackupFolder here() {
    return here;
  }

  /** The folder that was chosen as a second place. */
  Optional<Path> secondPlace() {
    return second.chosen();
  }

  /** The folder of this collection at the second place. */
  Optional<Path> atSecondPlace() {
    try {
      return second.folder();
    } catch (IOException e) {
      throw notNow("The second place cannot be read", e);
    }
  }

  /**
   * What is wrong with them, in a sentence; nothing if the last one was taken and lies where it
   * should.
   */
  Optional<String> trouble() {
    return Optional.ofNullable(failed).or(() -> Optional.ofNullable(secondFailed));
  }

  @Scheduled(initialDelay = FIRST_MILLIS, fixedDelay = EVERY_MILLIS)
  void daily() {
    boolean taken =
        all().stream().anyMatch(backup -> backup.at().toLocalDate().equals(today.get()));
    if (taken || nothingYet()) {
      return;
    }
    try {
      take(BackupReason.DAY);
    } catch (NotNow told) {
      // It is told on the pages until one succeeds.
    }
  }

  private boolean nothingYet() {
    var acts = db.queryForObject("select count(*) from act", Long.class);
    return acts == null || acts == 0;
  }

  /**
   * Takes one.
   *
   * @throws NotNow in a sentence, if that cannot be
   */
  public synchronized Backup take(BackupReason because) {
    try {
      var taken = here.take(now(), because, this::pack, photographs());
      here.rotate(today.get());
      failed = taken.lost().isEmpty() ? null : lost(taken.lost());
      mirror();
      return taken.backup();
    } catch (IOException | SQLException | RuntimeException e) {
      var refused = notNow("The last backup could not be taken", e);
      failed = refused.getMessage();
      throw refused;
    }
  }

  private static String lost(List<String> files) {
    return files.size() == 1
        ? "A file of a photograph is missing or damaged, and no backup has it: ./almanac check names it."
        : "%d files of photographs are missing or damaged, and no backup has them: ./almanac check names them."
            .formatted(files.size());
  }

  private LocalDateTime now() {
    return LocalDateTime.of(today.get(), LocalTime.now(clock));
  }

  private void pack(Path zip) {
    db.execute("backup to '%s'".formatted(zip.toString().replace("'", "''")));
  }

  private Path photographs() {
    return disk.folder().resolve(PhotoFiles.FOLDER);
  }

  private void mirror() {
    secondFailed = null;
    second
        .chosen()
        .ifPresent(
            folder -> {
              try {
                second.ready(folder).mirror(here, today.get());
              } catch (IOException | RuntimeException e) {
                LOG.warn("No backup at the second place", e);
                secondFailed =
                    "The backups could not be copied to %s (%s)."
                        .formatted(folder, Sentences.of(e));
              }
            });
  }

  /**
   * Names the second place and copies what there is.
   *
   * @param folder empty for none
   */
  synchronized void keepAlsoIn(String folder) {
    try {
      second.choose(folder);
    } catch (IOException e) {
      throw notNow("The second place could not be kept", e);
    }
    mirror();
  }

  /**
   * Puts a backup in the place of the present collection, of which one is taken before.
   *
   * @return what was taken of the present collection
   * @throws NotFound if there is none of that name
   * @throws NotNow in a sentence, if that cannot be; then nothing was changed
   */
  synchronized Backup bringBack(String name) {
    var backup = named(name);
    if (backup.schema() > Schema.LATEST) {
      throw new Conflict(
          "This backup was taken by a newer Mellow Almanac; bring it back with that one.");
    }
    try {
      var made = here.make(backup, disk.folder());
      // Only now: what is kept no longer for its sake may be the one that was asked for.
      var before = take(BackupReason.RESTORE);
      exchange.replaceBy(made);
      return before;
    } catch (IOException | SQLException | IllegalStateException e) {
      throw notNow("The backup could not be brought back; the collection is as it was", e);
    }
  }

  private Backup named(String name) {
    try {
      return here.named(name)
          .orElseThrow(() -> new NotFound("There is no backup of that name any more."));
    } catch (IOException e) {
      throw notNow("The backups cannot be read", e);
    }
  }

  private static NotNow notNow(String what, Exception why) {
    LOG.warn(what, why);
    return new NotNow("%s: %s.".formatted(what, Sentences.of(why)));
  }
}
