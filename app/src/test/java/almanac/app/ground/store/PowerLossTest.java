package almanac.app.ground.store;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.ground.disk.DataDisk;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentSkipListSet;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import javax.sql.DataSource;
import org.h2.jdbcx.JdbcConnectionPool;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.transaction.support.TransactionTemplate;

/** What was acknowledged is there after the power went. */
class PowerLossTest {
  private static final String WRITES_AT_ONCE = ";WRITE_DELAY=0";
  private static final int WRITERS = 3;
  private static final int TURNS = 100;
  private static final int WRITES_TO_CUT = 8;

  /** A disk after a cut, and what had been acknowledged by then. */
  private record Found(byte[] disk, Set<Integer> acknowledged, int lost) {}

  @Test
  void whatWasAcknowledgedIsThereAndWhatWasNotIsWholeOrNotAtAll(@TempDir Path folder)
      throws Exception {
    Set<Integer> acknowledged = new ConcurrentSkipListSet<>();
    var cuts = Collections.synchronizedList(new ArrayList<Found>());
    var url = "jdbc:h2:%s:%s%s".formatted(ForgetfulDisk.SCHEME, made(folder), WRITES_AT_ONCE);
    ForgetfulDisk.plugIn(
        (disk, lost) -> cuts.add(new Found(disk, Set.copyOf(acknowledged), lost)),
        WRITES_TO_CUT,
        new Random(7));
    var source = JdbcConnectionPool.create(url, "sa", "");
    try {
      write(source, folder, acknowledged);
    } finally {
      source.dispose();
    }
    int lost = 0;
    for (var cut : cuts) {
      check(cut, folder.resolve("found"));
      lost += cut.lost();
    }
    assertThat(acknowledged).hasSize(WRITERS * TURNS);
    assertThat(cuts).hasSizeGreaterThan(20);
    assertThat(lost).as("writes that the cuts have lost").isGreaterThan(cuts.size() / 2);
  }

  /** The collection is whole before anybody writes into it. */
  private static Path made(Path folder) throws Exception {
    var file = folder.resolve("almanac");
    var source = new SingleConnectionDataSource("jdbc:h2:file:" + file, "sa", "", true);
    var db = new JdbcTemplate(source);
    db.execute("create table act (id integer primary key)");
    db.execute("create table happening (act integer, turn integer)");
    source.destroy();
    return file;
  }

  private static void write(DataSource source, Path folder, Set<Integer> acknowledged)
      throws Exception {
    var db = new JdbcTemplate(source);
    var writing =
        new TransactionTemplate(
            new OneWriter(source, new DataDisk(folder.toString()), event -> {}));
    var next = new AtomicInteger();
    Callable<Void> writer =
        () -> {
          for (int turn = 0; turn < TURNS; turn++) {
            int id = next.incrementAndGet();
            writing.executeWithoutResult(status -> insert(db, id));
            acknowledged.add(id);
          }
          return null;
        };
    var writers = Executors.newFixedThreadPool(WRITERS);
    try {
      for (var done : writers.invokeAll(Collections.nCopies(WRITERS, writer))) {
        done.get();
      }
    } finally {
      writers.shutdownNow();
    }
  }

  private static void insert(JdbcTemplate db, int id) {
    db.update("insert into act values (?)", id);
    db.update("insert into happening values (?, 1), (?, 2)", id, id);
  }

  private static void check(Found cut, Path file) throws Exception {
    Files.write(file.resolveSibling(file.getFileName() + ".mv.db"), cut.disk());
    var source = new SingleConnectionDataSource("jdbc:h2:file:" + file, "sa", "", true);
    try {
      var db = new JdbcTemplate(source);
      List<Integer> acts = db.queryForList("select id from act", Integer.class);
      assertThat(acts).as("acts after the power went").containsAll(cut.acknowledged());
      assertThat(
              db.queryForList(
                  "select act from happening group by act having count(*) <> 2"
                      + " union select id from act where id not in (select act from happening)",
                  Integer.class))
          .as("acts that are there by half")
          .isEmpty();
    } finally {
      source.destroy();
    }
  }
}
