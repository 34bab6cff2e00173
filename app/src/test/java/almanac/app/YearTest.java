package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.time.DayOfWeek;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** The year of all plants, its weeks, and past years. */
class YearTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static LocalDate day(JsonNode node) {
    return LocalDate.parse(node.asString());
  }

  @Test
  void everyPlantHasItsLineAlongTheWalkWithItsLooksAndItsBenchDay() throws Exception {
    var plants = APP.get("/api/plants").body();
    var lines = APP.get("/api/year").body();
    assertThat(lines).hasSize(plants.size());
    int looks = 0;
    int bench = 0;
    for (int i = 0; i < lines.size(); i++) {
      var line = lines.get(i);
      assertThat(line.path("walk").asInt()).isEqualTo(i);
      looks += line.path("looks").size();
      bench += line.path("bench").isNull() ? 0 : 1;
      for (var phase : line.path("phases")) {
        assertThat(day(phase.path("until"))).isAfterOrEqualTo(day(phase.path("from")));
      }
    }
    assertThat(looks).isEqualTo(APP.get("/api/checks").body().size());
    assertThat(bench).isPositive();
    assertThat(lines.toString()).contains("\"OPEN\"", "\"UNSAFE\"", "\"SHUT\"");
  }

  @Test
  void aCourseThatRunsIsDrawnUntilItIsOverAtTheEarliest() throws Exception {
    var today = day(APP.get("/api/site").body().path("today"));
    int under = 0;
    for (var line : APP.get("/api/year").body()) {
      if (line.path("treated").isNull()) {
        continue;
      }
      under++;
      assertThat(day(line.path("treated").path("from"))).isEqualTo(today);
      assertThat(day(line.path("treated").path("until"))).isAfter(today);
      var past = APP.get("/api/year/past?plants=" + line.path("plantId").asLong()).body().get(0);
      var runs = past.path("treated").get(past.path("treated").size() - 1);
      assertThat(day(runs.path("from"))).isBefore(today);
      assertThat(day(runs.path("until"))).isEqualTo(today);
    }
    int plants = 0;
    for (var course : APP.get("/api/treatments").body()) {
      plants += course.path("plants").size();
    }
    assertThat(under).isEqualTo(plants).isPositive();
  }

  @Test
  void theWeeksBeginOnMondaysAndCountEachLookOnce() throws Exception {
    var weeks = APP.get("/api/year/weeks").body();
    int counted = 0;
    for (var week : weeks) {
      assertThat(day(week.path("from")).getDayOfWeek()).isEqualTo(DayOfWeek.MONDAY);
      counted += week.path("looks").asInt();
    }
    var last = day(weeks.get(weeks.size() - 1).path("from")).plusDays(6);
    int expected = 0;
    for (var check : APP.get("/api/checks").body()) {
      expected += day(check.path("check").path("best")).isAfter(last) ? 0 : 1;
    }
    assertThat(counted).isEqualTo(expected).isPositive();
    assertThat(weeks.valueStream().filter(week -> week.path("bench").asBoolean())).isNotEmpty();
    assertThat(APP.get("/api/site").body().path("year").get(0).path("from"))
        .as("as the ribbon counts them")
        .isEqualTo(weeks.get(0).path("from"));
  }

  @Test
  void pastYearsComeFromTheWholeJournal() throws Exception {
    long plant = APP.get("/api/plants").body().get(40).path("id").asLong();
    var past = APP.get("/api/year/past?plants=" + plant).body().get(0);
    var page = APP.get("/api/plants/" + plant).body();
    var inspected =
        page.path("journal")
            .valueStream()
            .filter(line -> line.path("kind").asString().equals("INSPECTION"))
            .map(line -> line.path("on").asString())
            .distinct()
            .count();
    assertThat(past.path("looks")).hasSize((int) inspected);
    assertThat(past.path("flowers")).isNotEmpty();
    assertThat(
            APP.get("/api/year/past?plants=" + "1,".repeat(101) + "1")
                .fault("plants")
                .orElseThrow())
        .contains("At most 100");
  }

  @Test
  void theDayNamesWhatIsInHandTheMostUrgentFirstAndSaysItInOneLine() throws Exception {
    var day = APP.get("/api/today").body();
    var lines =
        APP.get("/api/plants")
            .body()
            .valueStream()
            .filter(line -> line.path("inHand").asBoolean())
            .toList();
    assertThat(day.path("inHand").valueStream().map(JsonNode::asLong))
        .containsExactlyInAnyOrderElementsOf(
            lines.stream().map(line -> line.path("id").asLong()).toList());
    var turns =
        day.path("inHand")
            .valueStream()
            .map(
                id ->
                    lines.stream()
                        .filter(line -> line.path("id").asLong() == id.asLong())
                        .findFirst()
                        .orElseThrow()
                        .path("turn")
                        .asInt())
            .toList();
    assertThat(turns).hasSizeGreaterThan(1).isSorted();
    assertThat(day.path("turns").valueStream().map(turn -> turn.path("on").asString())).isSorted();
    assertThat(APP.get("/api/today/headline").body().path("words").asString())
        .contains("cannot wait");
  }
}
