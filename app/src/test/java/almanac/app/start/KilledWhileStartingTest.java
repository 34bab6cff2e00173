package almanac.app.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.app.copies.backups.BackupFolder;
import almanac.app.copies.schema.Schema;
import almanac.app.ground.disk.StartRefused;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A start that is broken off leaves a folder that opens: with the collection as it was, or as it
 * was to be. Whatever is no collection is refused in a sentence.
 */
class KilledWhileStartingTest {
  private static final int KILLS = 5;
  private static final PrintStream NOBODY = new PrintStream(OutputStream.nullOutputStream());

  @TempDir Path folders;

  /** What is in a folder before the program opens it. */
  private interface Filled {
    void with(Path folder) throws Exception;
  }

  private Path folder(String name, Filled filled) throws Exception {
    var folder = Files.createDirectories(folders.resolve(name));
    filled.with(folder);
    return folder;
  }

  private static final String BEING_MADE = "almanac-being-made.mv.db";

  /** Waits until something is being made, or the process is done. */
  private static void awaitMaking(Path folder, Process process) throws InterruptedException {
    while (!Files.exists(folder.resolve(BEING_MADE))
        && !process.waitFor(1, TimeUnit.MILLISECONDS)) {
      // It is looked at again.
    }
  }

  /** How long an undisturbed start makes something. */
  private long millis(Filled filled) throws Exception {
    var folder = folder("undisturbed", filled);
    var process = OpenOnly.of(folder);
    awaitMaking(folder, process);
    long start = System.nanoTime();
    assertThat(process.waitFor()).isZero();
    return TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - start);
  }

  /** Kills as many starts and says how many of them were in the midst of making something. */
  private int killed(Filled filled, Filled afterwards) throws Exception {
    long millis = millis(filled);
    var random = new Random(7);
    int inTheMidst = 0;
    for (int i = 0; i < KILLS; i++) {
      var folder = folder("killed-" + i, filled);
      var process = OpenOnly.of(folder);
      awaitMaking(folder, process);
      // Every other one early, so that the making is met on a machine that suddenly is fast, too.
      long within = i % 2 == 0 ? 1 + millis / 8 : millis;
      process.waitFor(random.nextLong(within), TimeUnit.MILLISECONDS);
      process.destroyForcibly().waitFor();
      if (Files.exists(folder.resolve(BEING_MADE))) {
        inTheMidst++;
      }
      assertThatCode(() -> DataFolder.open(folder, false, NOBODY))
          .as("kill %d", i)
          .doesNotThrowAnyException();
      afterwards.with(folder);
      assertThat(folder.resolve(BEING_MADE)).doesNotExist();
    }
    return inTheMidst;
  }

  private static long count(Path folder, String table) throws SQLException {
    try (var connection =
            DriverManager.getConnection(Schema.url(folder.resolve("almanac")), "sa", "");
        var statement = connection.createStatement();
        var count = statement.executeQuery("select count(*) from " + table)) {
      count.next();
      return count.getLong(1);
    }
  }

  @Test
  void aFirstStartThatIsKilledCanBeMadeAgain() throws Exception {
    int inTheMidst = killed(folder -> {}, folder -> assertThat(count(folder, "plant")).isZero());
    assertThat(inTheMidst).as("kills while the database was made").isGreaterThan(1);
  }

  @Test
  void anUpgradeThatIsKilledLosesNothing() throws Exception {
    int inTheMidst =
        killed(
            folder -> {
              OlderData.firstVersion(folder);
              Files.writeString(folder.resolve("collection"), "own");
            },
            folder -> {
              assertThat(Schema.of(folder.resolve("almanac")).schema()).hasValue(Schema.LATEST);
              assertThat(count(folder, "plant")).isEqualTo(2);
              assertThat(count(folder, "act")).as("four lines, two cards").isEqualTo(6);
              assertThat(count(folder, "looked")).isEqualTo(3);
              var backups = BackupFolder.of(folder);
              assertThat(backups.all()).isNotEmpty();
              for (var backup : backups.all()) {
                assertThat(backup.schema()).isEqualTo(1);
                assertThat(backups.fault(backup)).isEmpty();
              }
            });
    assertThat(inTheMidst).as("kills while the copy was upgraded").isGreaterThan(1);
  }

  private void refuses(Path folder, String words) {
    assertThatThrownBy(() -> DataFolder.open(folder, false, NOBODY))
        .isInstanceOf(StartRefused.class)
        .hasMessageContaining(words)
        .message()
        .doesNotContain("null")
        .hasLineCount(1);
  }

  @Test
  void aCollectionThatIsGoneIsNotANewOne() throws Exception {
    var marked = folder("marked", folder -> Files.writeString(folder.resolve("collection"), "own"));
    refuses(marked, "almanac.mv.db is missing");
    Files.createFile(marked.resolve("almanac.mv.db"));
    refuses(marked, "almanac.mv.db is empty");
    assertThat(marked.resolve("almanac.mv.db")).isEmptyFile();
  }

  @Test
  void whatIsNoCollectionIsLeftAlone() throws Exception {
    var damaged =
        folder(
            "damaged",
            folder -> {
              Files.writeString(folder.resolve("collection"), "own");
              Files.writeString(folder.resolve("almanac.mv.db"), "x".repeat(9000));
            });
    refuses(damaged, "is damaged");
    assertThat(damaged.resolve("almanac.mv.db")).hasSize(9000);
    var other =
        folder(
            "other",
            folder ->
                DriverManager.getConnection(Schema.url(folder.resolve("almanac")), "sa", "")
                    .close());
    refuses(other, "is no collection of Mellow Almanac");
  }

  @Test
  void aCollectionOfANewerProgramIsNotOpened() throws Exception {
    var newer =
        folder(
            "newer",
            folder -> {
              DataFolder.open(folder, false, NOBODY);
              try (var connection =
                      DriverManager.getConnection(Schema.url(folder.resolve("almanac")), "sa", "");
                  var statement = connection.createStatement()) {
                statement.execute(
                    "update \"flyway_schema_history\" set \"version\" = '99' where \"version\" = '7'");
              }
            });
    assertThatThrownBy(() -> new Database(newer).prepare(true, NOBODY))
        .isInstanceOf(StartRefused.class)
        .hasMessageContaining("kept by a newer Mellow Almanac");
  }

  @Test
  void anUpgradeThatFailsLeavesTheCollectionAsItWas() throws Exception {
    var broken =
        folder(
            "broken",
            folder -> {
              OlderData.firstVersion(folder);
              Files.writeString(folder.resolve("collection"), "own");
              try (var connection =
                      DriverManager.getConnection(Schema.url(folder.resolve("almanac")), "sa", "");
                  var statement = connection.createStatement()) {
                statement.execute("update plant set profile = 'nobody-knows' where id = 1");
              }
            });
    var before = Files.readAllBytes(broken.resolve("almanac.mv.db"));
    refuses(broken, "cannot be brought up to date");
    assertThat(broken.resolve("almanac.mv.db")).hasBinaryContent(before);
  }

  @Test
  void theNewestMigrationIsTheOneTheProgramExpects() {
    var newest =
        Flyway.configure().dataSource("jdbc:h2:mem:newest", "sa", "").load().info().pending();
    assertThat(newest[newest.length - 1].getVersion().getVersion())
        .isEqualTo(String.valueOf(Schema.LATEST));
  }
}
