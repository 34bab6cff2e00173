package almanac.app;

import static almanac.app.start.RunningApplication.words;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A collection kept by the first version of the program is opened by this one, and goes on. */
class OlderDataTest {
  @RegisterExtension
  static final RunningApplication APP = RunningApplication.over(OlderDataTest::firstVersion);

  private static void firstVersion(Path data) throws SQLException {
    var url = "jdbc:h2:file:" + data.resolve("almanac");
    Flyway.configure().dataSource(url, "sa", "").target("1").load().migrate();
    try (var connection = DriverManager.getConnection(url, "sa", "");
        var statement = connection.createStatement()) {
      for (var sql :
          new String[] {
            "insert into bench (name, controlled) values ('Wash house', true), ('Sill', false)",
            "insert into plant (number, label, profile, bench_id, added_on)"
                + " values ('24-001', 'Oncidium Old Ledger', 'oncidium', 1, date '2024-06-01'),"
                + " ('24-002', 'Vanda Old Bell', 'vanda', 2, date '2024-06-02')",
            "insert into entry (plant_id, kind, happened_on, recorded_on, supersedes, note)"
                + " values (1, 'POTTING', date '2024-06-01', date '2024-06-01', null, ''),"
                + " (2, 'POTTING', date '2024-06-02', date '2024-06-02', null, ''),"
                + " (1, 'INSPECTION', date '2024-07-01', date '2024-07-01', null, 'by lamp light'),"
                + " (1, 'INSPECTION', date '2024-07-01', date '2024-07-02', 3, 'looked again')",
            "insert into potting (entry_id, potted_on, moisture, in_flower)"
                + " values (1, '2024-05', 'KEPT_MOIST', false),"
                + " (2, 'unknown', 'DRIES_BETWEEN', true)",
            "insert into potting_part (entry_id, component, parts)"
                + " values (1, 'BARK_FINE', 3), (1, 'PERLITE', 1), (2, 'CORK_CHARCOAL', 1)",
            "insert into look (entry_id, item, answers, measured)"
                + " values (3, 'newRoots', 'NONE', null), (4, 'newRoots', 'NUB', 8),"
                + " (4, 'pests', 'SCALE MITES', null)",
            "insert into booked_check (entry_id, purpose, early, best, late)"
                + " values (4, 'AS_JUDGED', date '2027-05-10', date '2027-05-14',"
                + " date '2027-05-20'), (2, 'FIRST_LOOK', date '2024-06-02', date '2024-06-05',"
                + " date '2024-06-09')",
            "insert into setting (name, content) values ('latitude', '56.0')"
          }) {
        statement.execute(sql);
      }
    }
  }

  @Test
  void plantsKeepTheirPlaceTheirPotAndTheirHistory() throws Exception {
    var plant = APP.get("/api/plants/1").body();
    assertThat(plant.path("name").asString()).isEqualTo("Oncidium Old Ledger");
    assertThat(plant.path("card").path("number").asString()).isEqualTo("24-001");
    assertThat(plant.path("card").path("status").asString()).isEqualTo("GROWING");
    assertThat(plant.path("bench").path("lampHours").asDouble())
        .as("what was controlled is under lamps")
        .isEqualTo(14);
    assertThat(plant.path("potting").path("pottedOn").asString()).isEqualTo("2024-05");
    assertThat(plant.path("potting").path("mixWords").asString()).contains("perlite 1");
    assertThat(plant.path("journal").valueStream().map(line -> line.path("standing").asString()))
        .containsExactly("HOLDS", "CORRECTED", "HOLDS");
    assertThat(words(plant.path("journal").path(0)))
        .isEqualTo("Newest roots: nubs, 8 mm; Pests: mites, scale");
    assertThat(plant.path("checks").path(0).path("best").asString()).isEqualTo("2027-05-14");
  }

  @Test
  void whatNobodyKnewIsStillUnknown() throws Exception {
    var plant = APP.get("/api/plants/2").body();
    assertThat(plant.path("potting").path("pottedOn").asString()).isEqualTo("unknown");
    assertThat(plant.path("potting").path("pot").asString()).isEqualTo("UNKNOWN");
    assertThat(plant.path("arrivedOn").isNull()).isTrue();
    assertThat(plant.path("bench").path("lampHours").isNull()).isTrue();
    assertThat(plant.path("checks").path(0).path("urgency").asString()).isEqualTo("OVERDUE");
  }

  @Test
  void theBenchesAreWalkedInTheOrderInWhichTheyWereMade() throws Exception {
    assertThat(
            APP.get("/api/round")
                .body()
                .path("stops")
                .valueStream()
                .map(stop -> stop.path("name").asString()))
        .containsExactly("Oncidium Old Ledger", "Vanda Old Bell");
  }

  @Test
  void itGoesOnBeingWritten() throws Exception {
    var written =
        APP.post(
            "/api/plants/2/inspections",
            "{\"on\":\"2027-05-15\",\"looks\":{\"newRoots\":{\"answers\":[\"LONG\"]}}}");
    assertThat(written.status()).as("%s", written.body()).isEqualTo(201);
    assertThat(written.body().path("plant").path("journal")).hasSize(2);
  }
}
