package almanac.app.start;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.copies.schema.Schema;
import almanac.app.ground.disk.DatabaseFile;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DatabaseTest {
  private static final int MEGABYTE = 1 << 20;

  @TempDir private Path before;
  @TempDir private Path after;

  @Test
  void aFileThatACrashLeftFullOfNothingIsMadeSmallerAndKeepsWhatWasWritten() throws Exception {
    var database = DatabaseFile.in(before);
    Schema.make(database.name(), Schema.LATEST);
    try (var connection = DriverManager.getConnection(Schema.url(database.name()), "sa", "");
        var statement = connection.createStatement()) {
      statement.execute("create table junk (content binary varying(%d))".formatted(2 * MEGABYTE));
      for (int i = 0; i < 24; i++) {
        statement.execute("insert into junk values (secure_rand(%d))".formatted(MEGABYTE));
      }
      statement.execute("insert into setting (name, content) values ('kept', 'yes')");
      statement.execute("drop table junk");
      connection.setAutoCommit(false);
      statement.execute("insert into setting (name, content) values ('begun', 'yes')");
      statement.execute("update setting set content = 'no' where name = 'kept'");
      statement.execute("checkpoint sync");
      // As it lies on the disk, with a change that was never finished, it is what a crash leaves.
      Files.copy(database.file(), DatabaseFile.in(after).file());
    }
    long large = Files.size(DatabaseFile.in(after).file());

    var said = new ByteArrayOutputStream();
    new Database(after).prepare(true, new PrintStream(said));

    assertThat(said.toString())
        .contains("Making the file of the collection smaller.")
        .doesNotContain("could not");
    assertThat(Files.size(DatabaseFile.in(after).file())).isLessThan(large / 2);
    assertThat(setting("kept")).isEqualTo("yes");
    assertThat(setting("begun")).isNull();
  }

  private String setting(String name) throws SQLException {
    try (var connection = Schema.open(DatabaseFile.in(after).name());
        var query = connection.prepareStatement("select content from setting where name = ?")) {
      query.setString(1, name);
      try (var row = query.executeQuery()) {
        return row.next() ? row.getString(1) : null;
      }
    }
  }
}
