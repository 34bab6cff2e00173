package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Looks and small jobs of the collector's own, on their days. */
class BookingsKeptTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final AtTheBench BENCH = new AtTheBench(APP);
  private static final String PLANT = "Brassia Lock Keeper";

  private static RunningApplication.Answer book(String look, String words, int days, int every)
      throws Exception {
    return APP.post(
        "/api/bookings",
        "{\"look\":%s,\"words\":\"%s\",\"on\":\"%s\",\"everyWeeks\":%d,\"plants\":[%d]}"
            .formatted(look, words, APP.today().plusDays(days), every, BENCH.id(PLANT)));
  }

  private static JsonNode own() throws Exception {
    for (var due : APP.get("/api/checks").body()) {
      if (due.path("check").path("purpose").asString().equals("OWN")) {
        return due;
      }
    }
    return APP.get("/api/bookings").body().path("none");
  }

  private static String page() throws Exception {
    var page = APP.get("/api/plants/" + BENCH.id(PLANT)).body().toString();
    return page.substring(0, page.indexOf("\"journal\""));
  }

  private static void undo(JsonNode saved) throws Exception {
    assertThat(
            APP.post("/api/acts/%s/withdrawal".formatted(saved.path("act").asString()), "{}")
                .status())
        .isLessThan(300);
  }

  @Test
  void aLookIsBookedAnsweredAskedAgainAndTakenBack() throws Exception {
    var first = APP.today();
    var before = page();
    var booked = book("true", "Has this growth ripened?", 3, 0);
    assertThat(booked.status()).as("%s", booked.body()).isEqualTo(201);
    assertThat(own().path("check").path("title").asString()).isEqualTo("Has this growth ripened?");
    APP.goOnTo(first.plusDays(3));
    var answered =
        APP.post(
            "/api/plants/%d/checks/%s/answer"
                .formatted(BENCH.id(PLANT), own().path("check").path("id").asString()),
            "{\"answer\":\"NOT_AS_HOPED\"}");
    assertThat(answered.status()).as("%s", answered.body()).isLessThan(300);
    assertThat(own().path("check").path("best").asString())
        .isEqualTo(first.plusDays(17).toString());
    undo(answered.body());
    assertThat(own().path("check").path("best").asString()).isEqualTo(first.plusDays(3).toString());
    var line = APP.get("/api/bookings").body().get(0);
    assertThat(line.path("name").asString()).isEqualTo(PLANT);
    var taken =
        APP.delete(
            "/api/plants/%d/bookings/%s".formatted(BENCH.id(PLANT), line.path("uid").asString()));
    assertThat(taken.status()).isEqualTo(200);
    assertThat(APP.get("/api/bookings").body()).isEmpty();
    undo(taken.body());
    assertThat(APP.get("/api/bookings").body()).hasSize(1);
    undo(booked.body());
    APP.goOnTo(first);
    assertThat(page()).isEqualTo(before);
  }

  @Test
  void aSmallJobComesBackAfterItsWeeks() throws Exception {
    var booked = book("false", "Turn it to the light", 0, 2).body();
    var todo = "/api/small-jobs?plant=" + BENCH.id(PLANT);
    assertThat(APP.get(todo).body().toString()).contains("Turn it to the light");
    var done =
        APP.post(
            "/api/small-jobs/done",
            "{\"done\":[{\"plant\":%d,\"task\":\"Turn it to the light\"}]}"
                .formatted(BENCH.id(PLANT)));
    assertThat(done.status()).as("%s", done.body()).isEqualTo(201);
    assertThat(APP.get(todo).body().toString()).doesNotContain("Turn it to the light");
    assertThat(APP.get("/api/bookings").body().get(0).path("on").asString())
        .isEqualTo(APP.today().plusWeeks(2).toString());
    undo(done.body());
    assertThat(APP.get(todo).body().toString()).contains("Turn it to the light");
    undo(booked);
  }

  @Test
  void whatCannotBeIsRefusedAtItsEntry() throws Exception {
    assertThat(book("true", " ", 3, 0).fault("words")).isPresent();
    assertThat(book("true", "Ripe?", -1, 0).fault("on")).isPresent();
    assertThat(book("true", "Ripe?", 3, 200).fault("everyWeeks")).isPresent();
    assertThat(APP.get("/api/bookings").body()).isEmpty();
  }
}
