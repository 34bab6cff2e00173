package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.app.start.RunningApplication;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.HashSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** The coming year of the demo. */
class YearAheadTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static JsonNode year() throws Exception {
    var answer = APP.get("/api/year-ahead");
    assertThat(answer.status()).isEqualTo(200);
    return answer.body();
  }

  private static double expected(JsonNode parts) {
    double sum = 0;
    for (var part : parts) {
      sum += part.path("jobs").path("expected").asDouble();
    }
    return sum;
  }

  @Test
  void eachPlantIsForetoldAsItsOwnPageForetellsIt() throws Exception {
    var year = year();
    assertThat(year.path("moves").size()).isGreaterThan(30);
    double chances = 0;
    var plants = new HashSet<Long>();
    int waiting = 0;
    for (var move : year.path("moves")) {
      long id = move.path("plantId").asLong();
      assertThat(plants.add(id)).isTrue();
      chances += move.path("chance").asDouble();
      var next = APP.get("/api/plants/%d/months-ahead".formatted(id)).body().path("nextMove");
      assertThat(next.isNull()).isFalse();
      var page = APP.get("/api/plants/%d".formatted(id)).body();
      if (page.path("slip").path("verdict").asString().equals("WAIT_FOR")) {
        assertThat(move.path("likely").asString()).isEqualTo(next.path("likely").asString());
        waiting++;
      }
    }
    assertThat(waiting).as("plants that wait for something").isGreaterThan(5);
    assertThat(chances).isEqualTo(year.path("jobs").path("expected").asDouble(), within(1e-6));
    assertThat(expected(year.path("months"))).isEqualTo(chances, within(1e-6));
    assertThat(expected(year.path("weeks"))).isEqualTo(chances, within(1e-6));
  }

  @Test
  void theSameIsForetoldWhenItIsAskedAgain() throws Exception {
    assertThat(year()).isEqualTo(year());
  }

  @Test
  void theWeeksHaveTheHoursOfTheBenchDaysAndTheirUsualMeasureAfterwards() throws Exception {
    var year = year();
    var days = APP.get("/api/bench-days").body().path("days");
    assertThat(days.size()).isPositive();
    int named = 0;
    for (var day : days) {
      named += day.path("minutes").asInt();
    }
    int usual = year.path("usualMinutes").asInt();
    assertThat(usual).isBetween(1, named);
    var weeks = year.path("weeks");
    assertThat(weeks.get(weeks.size() - 1).path("room").path("minutes").asInt()).isEqualTo(usual);
    var last = days.get(days.size() - 1);
    var monday =
        LocalDate.parse(last.path("on").asString())
            .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    for (var week : weeks) {
      if (week.path("from").asString().equals(monday.toString())) {
        assertThat(week.path("room").path("minutes").asInt())
            .isGreaterThanOrEqualTo(last.path("minutes").asInt());
      }
    }
  }

  @Test
  void whatIsBoughtIsMissedNoMore() throws Exception {
    var list = year().path("shopping");
    assertThat(list.toString()).contains("fine bark");
    var added =
        APP.post(
            "/api/stock",
            "{\"component\": \"BARK_FINE\", \"grade\": \"COARSE\", \"amount\": 90000}");
    assertThat(added.status()).as(added.body().toString()).isBetween(200, 201);
    assertThat(year().path("shopping").toString()).doesNotContain("fine bark");
  }

  private static final String SPENT =
      """
      {"kind":"oncidium","on":"2027-05-15",
       "pot":{"pottedOn":"2025-03","mix":[{"component":"BARK_FINE","parts":1}]},
       "looks":[{"on":"2027-05-14","looks":{"newRoots":{"answers":["NUB"],"measured":null},
         "bloom":{"answers":["NONE"],"measured":null},
         "rootsInPot":{"answers":["MIXED"],"measured":null}}}],
       "place":{"latitude":56,"lampHours":null,"means":null}}""";
  private static final String FRESH =
      SPENT
          .replace("2025-03", "2027-05-01")
          .replace("BARK_FINE", "PUMICE")
          .replace("MIXED", "FIRM");

  private static JsonNode told(String situations, String days) throws Exception {
    var answer =
        APP.post(
            "/api/year-ahead",
            "{\"situations\":[%s],\"benchDays\":%s}".formatted(situations, days));
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
    return answer.body();
  }

  @Test
  void plantsThatAreToldHaveTheirYearAndItsExampleRuns() throws Exception {
    var year = told(SPENT + "," + FRESH, "null");
    assertThat(year.path("jobs").path("expected").asDouble()).isEqualTo(1);
    var may = year.path("months").path(0);
    assertThat(may.path("from").asString()).isEqualTo("2027-05-01");
    assertThat(may.path("plants").path(0).path("plantId").asInt()).isZero();
    assertThat(year.path("weeks").path(0).path("room").isNull()).isTrue();
    assertThat(told(SPENT + "," + FRESH, "null")).isEqualTo(year);

    var busy = told("%1$s,%1$s,%1$s".formatted(SPENT), "[{\"on\":\"2027-05-22\",\"minutes\":30}]");
    assertThat(busy.path("words").toString()).contains("come too late");

    var example =
        APP.get("/api/openapi")
            .body()
            .path("components")
            .path("schemas")
            .path("AskedYear")
            .path("example");
    var text = example.isString() ? example.asString() : example.toString();
    assertThat(APP.post("/api/year-ahead", text).status()).isEqualTo(200);
  }

  @Test
  void aYearOfPlantsThatCannotBeIsRefusedAtItsField() throws Exception {
    var apart = SPENT.replace("\"on\":\"2027-05-15\"", "\"on\":\"2027-05-16\"");
    assertThat(
            APP.post("/api/year-ahead", "{\"situations\":[%s,%s]}".formatted(SPENT, apart))
                .fault("situations[1].on"))
        .isPresent();
    assertThat(
            APP.post(
                    "/api/year-ahead",
                    "{\"situations\":[%s],\"benchDays\":[{\"on\":\"2027-05-22\",\"minutes\":0}]}"
                        .formatted(SPENT))
                .fault("benchDays[0].minutes"))
        .isPresent();
    assertThat(APP.post("/api/year-ahead", "{\"situations\":[]}").fault("situations")).isPresent();
  }
}
