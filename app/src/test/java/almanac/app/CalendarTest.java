package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.io.StringReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.CalendarComponent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The calendar as others read it. */
class CalendarTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static HttpResponse<String> read() throws Exception {
    return read(APP.get("/api/calendar").body().path("path").asString());
  }

  private static HttpResponse<String> read(String path) throws Exception {
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(URI.create(APP.address() + path)).build(),
            HttpResponse.BodyHandlers.ofString(StandardCharsets.UTF_8));
  }

  private static Map<String, CalendarComponent> entries() throws Exception {
    Calendar calendar = new CalendarBuilder().build(new StringReader(read().body()));
    assertThat(calendar.validate().getEntries()).isEmpty();
    var entries = new TreeMap<String, CalendarComponent>();
    for (CalendarComponent each : calendar.<CalendarComponent>getComponents()) {
      entries.put(each.getRequiredProperty("UID").getValue(), each);
    }
    return entries;
  }

  private static String value(CalendarComponent component, String property) {
    return component.getRequiredProperty(property).getValue();
  }

  @Test
  void everyRoundLookAndBenchDayStandsInItByRuleAndUnderItsOwnName() throws Exception {
    var answer = read();
    assertThat(answer.headers().firstValue("content-type").orElseThrow())
        .startsWith("text/calendar");
    for (var line : answer.body().split("\r\n")) {
      assertThat(line.getBytes(StandardCharsets.UTF_8)).as(line).hasSizeLessThanOrEqualTo(75);
      assertThat(line).doesNotContain("\n");
    }
    var entries = entries();
    var rounds = APP.get("/api/rounds").body().path("rounds");
    assertThat(rounds).isNotEmpty();
    for (var round : rounds) {
      var entry = entries.get("round-" + round.path("day").asString() + "@mellow-almanac");
      assertThat(value(entry, "DTSTART")).isEqualTo(round.path("day").asString().replace("-", ""));
    }
    long looks = rounds.findValues("looks").stream().mapToLong(each -> each.size()).sum();
    assertThat(entries.values().stream().filter(each -> each.getName().equals("VTODO")))
        .hasSize((int) looks)
        .allMatch(
            look ->
                look.getProperty("DTSTART")
                    .filter(start -> start.getValue().compareTo(value(look, "DUE")) >= 0)
                    .isEmpty(),
            "is due after it starts");
    assertThat(entries).containsKey("bench-2027-05-22@mellow-almanac");
    assertThat(entries()).as("read again").hasSameSizeAs(entries);
  }

  @Test
  void whatChangesCountsUpAndWhatIsNoMoreIsCancelled() throws Exception {
    var before = entries().get("bench-2027-05-23@mellow-almanac");
    var days =
        "{\"days\":[{\"on\":\"2027-05-22\",\"minutes\":75},{\"on\":\"2027-05-23\",\"minutes\":%d}],\"pins\":[]}";
    assertThat(APP.put("/api/bench-days", days.formatted(150)).status()).isEqualTo(200);
    var changed = entries().get("bench-2027-05-23@mellow-almanac");
    assertThat(Integer.parseInt(value(changed, "SEQUENCE")))
        .isEqualTo(Integer.parseInt(value(before, "SEQUENCE")) + 1);
    assertThat(changed.getProperty("STATUS")).isEmpty();

    assertThat(APP.put("/api/bench-days", "{\"days\":[],\"pins\":[]}").status()).isEqualTo(200);
    var gone = entries().get("bench-2027-05-23@mellow-almanac");
    assertThat(value(gone, "STATUS")).isEqualTo("CANCELLED");
    assertThat(value(entries().get("bench-2027-05-23@mellow-almanac"), "SEQUENCE"))
        .as("said once")
        .isEqualTo(value(gone, "SEQUENCE"));

    assertThat(APP.put("/api/bench-days", days.formatted(150)).status()).isEqualTo(200);
    assertThat(entries().get("bench-2027-05-23@mellow-almanac").getProperty("STATUS")).isEmpty();
  }

  @Test
  void underAnotherAddressNothingIsReadAndTheFormerIsGone() throws Exception {
    var former = APP.get("/api/calendar").body().path("path").asString();
    assertThat(former).hasSizeGreaterThan(40);
    assertThat(read("/calendar/guessed.ics").statusCode()).isEqualTo(404);
    var seen = new HashSet<>(List.of(former));
    for (int i = 0; i < 5; i++) {
      assertThat(seen.add(APP.post("/api/calendar/renewal", "").body().path("path").asString()))
          .isTrue();
    }
    assertThat(read(former).statusCode()).isEqualTo(404);
    assertThat(read().statusCode()).isEqualTo(200);
  }
}
