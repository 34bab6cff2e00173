package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.HashSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The rounds of the coming weeks follow from the checks and the collector's days. */
class RoundsKeptTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final String WEEKENDS =
      "{\"weekdays\":[\"SATURDAY\",\"SUNDAY\"],\"away\":[{\"from\":\"2027-05-20\",\"to\":\"2027-05-31\"}]}";

  @Test
  void everyCheckOfTheComingWeeksIsOnARoundOnADayOfTheCollector() throws Exception {
    var kept = APP.put("/api/rounds/days", WEEKENDS);
    assertThat(kept.status()).as(kept.body().toString()).isEqualTo(200);
    var page = APP.get("/api/rounds").body();
    assertThat(page.path("days").path("weekdays").toString())
        .isEqualTo("[\"SATURDAY\",\"SUNDAY\"]");
    assertThat(page.path("rounds")).isNotEmpty();
    var planned = new HashSet<String>();
    for (var round : page.path("rounds")) {
      var day = LocalDate.parse(round.path("day").asString());
      assertThat(day.getDayOfWeek()).isIn(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);
      assertThat(day.isAfter(LocalDate.of(2027, 5, 19)) && day.isBefore(LocalDate.of(2027, 6, 1)))
          .as("away on " + day)
          .isFalse();
      round
          .path("looks")
          .forEach(
              look ->
                  assertThat(
                          planned.add(
                              look.path("plantId").asLong() + look.path("title").asString()))
                      .as("twice: " + look)
                      .isTrue());
    }
    var wanted = new HashSet<String>();
    APP.get("/api/checks")
        .body()
        .forEach(
            due -> {
              var listing = due.path("listing").asString();
              if (listing.equals("NOW") || listing.equals("SOON")) {
                wanted.add(
                    due.path("plantId").asLong() + due.path("check").path("title").asString());
              }
            });
    assertThat(planned).isEqualTo(wanted).isNotEmpty();
  }

  @Test
  void daysThatCannotBeAreRefusedByName() throws Exception {
    assertThat(APP.put("/api/rounds/days", "{\"weekdays\":[],\"away\":[]}").fault("weekdays"))
        .isPresent();
    assertThat(
            APP.put(
                    "/api/rounds/days",
                    "{\"weekdays\":[\"MONDAY\"],\"away\":[{\"from\":\"2027-06-01\",\"to\":\"2027-05-01\"}]}")
                .fault("away"))
        .hasValue("2027-05-01 lies before 2027-06-01.");
  }

  @Test
  void checksThatAreSentAlongArePlannedAndNotKept() throws Exception {
    var answer =
        APP.post(
            "/api/rounds/plan",
            """
            {"today":"2027-05-15","days":{"weekdays":["SATURDAY"],"away":[]},
             "checks":[
              {"name":"a","early":"2027-05-16","best":"2027-05-20","late":"2027-05-24"},
              {"name":"b","early":"2027-05-20","best":"2027-05-22","late":"2027-06-10"},
              {"name":"c","early":"2027-05-01","best":"2027-05-02","late":"2027-05-03"}]}
            """);
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
    var rounds = answer.body().path("rounds");
    assertThat(rounds.path(0).path("day").asString()).isEqualTo("2027-05-15");
    assertThat(rounds.path(0).path("overdue").toString()).isEqualTo("[\"c\"]");
    assertThat(rounds.path(1).path("day").asString()).isEqualTo("2027-05-22");
    assertThat(rounds.path(1).path("inTime").toString()).isEqualTo("[\"a\",\"b\"]");
    assertThat(rounds.path(1).path("needed").asString()).isEqualTo("a");
    assertThat(
            APP.post(
                    "/api/rounds/plan",
                    "{\"today\":\"2027-05-15\",\"days\":{\"weekdays\":[\"SATURDAY\"],\"away\":[]},\"checks\":[{\"name\":\"a\",\"early\":\"2027-05-16\",\"best\":\"2027-05-10\",\"late\":\"2027-05-24\"}]}")
                .fault("checks[0].best"))
        .isPresent();
  }

  @Test
  void thoseKeptApartAreMetLast() throws Exception {
    var all = APP.get("/api/round").body().path("stops");
    var apart =
        all.valueStream()
            .map(
                stop -> {
                  try {
                    return APP.get("/api/plants/" + stop.path("plantId").asLong())
                        .body()
                        .path("card")
                        .path("apartSince")
                        .isNull();
                  } catch (Exception e) {
                    throw new IllegalStateException(e);
                  }
                })
            .toList();
    assertThat(apart).contains(false).contains(true);
    assertThat(apart.subList(apart.indexOf(false), apart.size())).containsOnly(false);
  }
}
