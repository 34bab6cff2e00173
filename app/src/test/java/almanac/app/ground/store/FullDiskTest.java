package almanac.app.ground.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import almanac.app.ground.disk.DataDisk;
import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;

/** A disk that fills in the middle of a write, and has room again. */
class FullDiskTest {
  private static final int FULL_AFTER = 20;

  @Test
  void itIsOpenedAnewAndHasWhatWasAcknowledged(@TempDir Path folder) throws Exception {
    FillingDisk.plugIn();
    try (var pool = pool(folder)) {
      var db = new JdbcTemplate(pool);
      db.execute("create table act (id integer primary key)");
      db.execute("create table happening (act integer, note varchar)");
      var disk = new DataDisk(folder.toString());
      var writer = new OneWriter(pool, disk, event -> {});
      var exchange = new Exchange(writer, pool, disk, event -> {});
      var writing = new TransactionTemplate(writer);
      var acknowledged = new ArrayList<Integer>();
      int failures = 0;
      for (int full = 0; full < FULL_AFTER; full++) {
        FillingDisk.holds(full);
        int first = 1000 * full;
        int id = first;
        Throwable failed = null;
        while (failed == null) {
          int next = id++;
          failed = catchThrowable(() -> writing.executeWithoutResult(status -> insert(db, next)));
          if (failed == null) {
            acknowledged.add(next);
          }
        }
        failures++;
        assertThat(disk.trouble()).as("%d: %s", full, failed).isPresent();
        assertThat(disk.trouble().get()).contains("failed while something was written");
        assertThat(disk.canBeOpenedAnew()).isTrue();
        FillingDisk.hasRoomAgain();
        exchange.openAnew();
        assertThat(disk.trouble()).isEmpty();
        int afterwards = first + 999;
        writing.executeWithoutResult(status -> insert(db, afterwards));
        acknowledged.add(afterwards);
        assertThat(acts(db)).as("full after %d writes", full).containsAll(acknowledged);
        assertThat(halves(db)).isEmpty();
      }
      assertThat(failures).isEqualTo(FULL_AFTER);
      assertThat(acknowledged).as("some were kept before it was full").hasSizeGreaterThan(20);
    } finally {
      FillingDisk.hasRoomAgain();
    }
  }

  private static HikariDataSource pool(Path folder) {
    var config = new HikariConfig();
    config.setJdbcUrl(
        "jdbc:h2:%s:%s;WRITE_DELAY=0".formatted(FillingDisk.SCHEME, folder.resolve("almanac")));
    config.setUsername("sa");
    config.setMaximumPoolSize(3);
    config.setAllowPoolSuspension(true);
    return new HikariDataSource(config);
  }

  private static void insert(JdbcTemplate db, int id) {
    db.update("insert into act values (?)", id);
    db.update("insert into happening values (?, 'one'), (?, 'two')", id, id);
  }

  private static List<Integer> acts(JdbcTemplate db) {
    return db.queryForList("select id from act", Integer.class);
  }

  private static List<Integer> halves(JdbcTemplate db) {
    return db.queryForList(
        "select id from act where id not in (select act from happening group by act having count(*) = 2)",
        Integer.class);
  }
}
