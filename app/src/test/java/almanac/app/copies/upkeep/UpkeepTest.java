package almanac.app.copies.upkeep;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.ground.disk.DatabaseFile;
import almanac.app.start.RunningApplication;
import java.nio.file.Files;
import java.time.Instant;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** The file of a collection does not grow beyond what is in it. */
class UpkeepTest {
  private static final Instant NOW = Instant.parse("2027-05-15T09:00:00Z");

  @Test
  void aFileIsWrittenAnewBeforeItHoldsTooMuchThatWasGivenUpAndSoonerWhileNobodyWrites() {
    var growth = new FileGrowth(5_000_000);
    long some = 5_000_000 + FileGrowth.WORTH_IT + 1;
    assertThat(growth.tooLarge(some, NOW)).as("somebody writes").isFalse();
    assertThat(growth.tooLarge(some, NOW.plus(FileGrowth.QUIET))).as("nobody does").isTrue();
    assertThat(growth.tooLarge(5_000_000 + FileGrowth.MOST + 1, NOW)).isTrue();
    growth.later(NOW);
    assertThat(growth.tooLarge(5_000_000 + FileGrowth.MOST + 2, NOW))
        .as("somebody reads")
        .isFalse();
    assertThat(growth.tooLarge(5_000_000 + FileGrowth.MOST + 2, NOW.plus(FileGrowth.LATER)))
        .isTrue();
    growth.settled(6_000_000);
    assertThat(growth.tooLarge(6_000_000 + FileGrowth.MOST, NOW.plusSeconds(70))).isFalse();
    assertThat(growth.tooLarge(6_000_000 + FileGrowth.WORTH_IT, NOW.plusSeconds(9_999))).isFalse();
  }

  @Test
  void itIsWrittenAnewWhileItRunsAndLosesNothing() throws Exception {
    try (var app = RunningApplication.withDemo()) {
      app.start();
      var before = app.get("/api/plants").body().toString();
      var file = DatabaseFile.in(app.data()).file();
      long settled = Files.size(file);
      fillWithWhatIsGivenUp(app.bean(DataSource.class));
      assertThat(Files.size(file)).isGreaterThan(settled + FileGrowth.MOST);
      app.bean(Upkeep.class).look();
      assertThat(Files.size(file)).isLessThan(settled + FileGrowth.WORTH_IT);
      assertThat(app.get("/api/plants").body().toString()).isEqualTo(before);
      var written =
          app.post(
              "/api/plants/1/inspections",
              "{\"on\":\"2027-05-15\",\"looks\":{\"leaves\":{\"answers\":[\"FIRM\"]}}}");
      assertThat(written.status()).isEqualTo(201);
      app.restart();
      assertThat(app.get("/api/plants/1").body().path("journal"))
          .hasSameSizeAs(written.body().path("plant").path("journal"));
    }
  }

  @Test
  void itIsWrittenAnewWhenItIsClosed() throws Exception {
    try (var app = RunningApplication.empty()) {
      app.start();
      var file = DatabaseFile.in(app.data()).file();
      var before = Files.getAttribute(file, "unix:ino");
      app.restart();
      assertThat(Files.getAttribute(file, "unix:ino")).as("nothing to give back").isEqualTo(before);
      fillWithWhatIsGivenUp(app.bean(DataSource.class));
      app.stop();
      assertThat(Files.getAttribute(file, "unix:ino")).isNotEqualTo(before);
      app.reopen();
      assertThat(app.get("/api/plants").status()).isEqualTo(200);
    }
  }

  private static void fillWithWhatIsGivenUp(DataSource source) {
    var db = new JdbcTemplate(source);
    db.execute("create table given_up (bytes binary varying)");
    for (int i = 0; i < 47; i++) {
      db.update("insert into given_up select random_uuid() || repeat('0', 1000000)");
    }
    db.execute("drop table given_up");
  }
}
