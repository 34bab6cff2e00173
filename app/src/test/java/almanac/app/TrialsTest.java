package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Something is tried on some plants and held against others. */
class TrialsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final AtTheBench BENCH = new AtTheBench(APP);
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final LocalDate TODAY = RunningApplication.TODAY;
  private static final String ONE = "Encyclia Cordwain";
  private static final String OTHER = "Brassia Lock Keeper";
  private static final String THIRD = "Oncidium Slow Barge";

  private static ObjectNode entry(String name, String tried) throws Exception {
    var entry = JSON.createObjectNode();
    entry.put("name", name);
    entry.put("tried", tried);
    entry.put("against", "OTHERS");
    entry.set("looks", JSON.valueToTree(List.of("leaves", "newestSize")));
    entry.set("plants", JSON.valueToTree(List.of(BENCH.id(ONE))));
    entry.set("others", JSON.valueToTree(List.of(BENCH.id(OTHER))));
    entry.put("judgeOn", TODAY.plusDays(200).toString());
    return entry;
  }

  private static RunningApplication.Answer begin(JsonNode entry) throws Exception {
    return APP.post("/api/trials", JSON.writeValueAsString(entry));
  }

  private static String begun(JsonNode entry) throws Exception {
    var answer = begin(entry);
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(201);
    return trial(entry.path("name").asString()).path("uid").asString();
  }

  private static JsonNode trial(String name) throws Exception {
    for (var trial : APP.get("/api/trials").body().path("trials")) {
      if (trial.path("name").asString().equals(name)) {
        return trial;
      }
    }
    return JSON.nullNode();
  }

  private static void refused(JsonNode entry, String field, String words) throws Exception {
    var answer = begin(entry);
    assertThat(answer.status()).isEqualTo(400);
    var fault = answer.body().path("faults").path(0);
    assertThat(fault.path("field").asString()).isEqualTo(field);
    assertThat(fault.path("sentence").asString()).contains(words);
    assertThat(trial(entry.path("name").asString()).isNull()).as("nothing is kept").isTrue();
  }

  @Test
  void itIsBegunLookedAtAndClosedInItsKeepersWords() throws Exception {
    var uid = begun(entry("A wider basket", "POT"));
    assertThat(trial("A wider basket").path("state").asString()).isEqualTo("UNDER_WAY");
    var page = APP.get("/api/plants/%d".formatted(BENCH.id(ONE))).body();
    var on = page.path("trials");
    assertThat(on).anySatisfy(its -> assertThat(its.path("trial").asString()).isEqualTo(uid));
    assertThat(page.path("journal").toString()).contains("On trial until");
    assertThat(page.path("checks").toString()).contains("TRIAL");

    var seen =
        "{\"on\": \"%s\", \"looks\": {\"leaves\": {\"answers\": [\"FIRM\"]}}}".formatted(TODAY);
    APP.post("/api/plants/%d/inspections".formatted(BENCH.id(ONE)), seen);
    var looks = APP.get("/api/trials/" + uid).body().path("looks");
    assertThat(looks.path(0).path("rows").path(0).path("seen").toString()).contains("firm");
    assertThat(looks.path(1).path("difference").isNull()).isTrue();
    assertThat(looks.path(1).path("words")).isEmpty();

    var end = "{\"words\": \"No difference in half a year.\"}";
    assertThat(APP.post("/api/trials/%s/end".formatted(uid), end).status()).isEqualTo(201);
    assertThat(trial("A wider basket").path("state").asString()).isEqualTo("CLOSED");
    assertThat(trial("A wider basket").path("conclusion").asString()).startsWith("No difference");
    var twice = APP.post("/api/trials/%s/end".formatted(uid), end);
    assertThat(twice.status()).isEqualTo(400);
    assertThat(twice.body().toString()).contains("closed already");
  }

  @Test
  void ofThoseMovedTogetherItSaysWhoWouldBeHeldAgainstWhom() throws Exception {
    var two = "/api/trials/halves?plant=%d&plant=%d".formatted(BENCH.id(ONE), BENCH.id(OTHER));
    var halves = APP.get(two).body();
    assertThat(halves.path("tried").asString()).isEqualTo("MEDIUM");
    assertThat(halves.path("against").asString()).isEqualTo("OTHERS");
    assertThat(halves.path("plants")).hasSize(1);
    assertThat(halves.path("others")).hasSize(1);
    var one = APP.get("/api/trials/halves?plant=" + BENCH.id(ONE)).body();
    assertThat(one.path("tried").isNull()).isTrue();
    assertThat(one.path("plants").path(0).asLong()).isEqualTo(BENCH.id(ONE));
    assertThat(APP.get("/api/trials/halves?plant=999999").status()).isEqualTo(404);
  }

  @Test
  void whatIsNoTrialIsNamedAndNothingOfItKept() throws Exception {
    var itself = entry("Against itself", "MEDIUM");
    itself.set("others", JSON.valueToTree(List.of(BENCH.id(ONE))));
    refused(itself, "others[0]", "cannot be held against itself");

    var endless = entry("Without an end", "MEDIUM");
    endless.remove("judgeOn");
    refused(endless, "judgeOn", "without an end");

    var early = entry("Judged early", "MEDIUM");
    early.put("judgeOn", TODAY.plusDays(100).toString());
    refused(early, "judgeOn", "half a year, and through one change of season");

    var half = entry("Half of a half", "MEDIUM");
    half.put("against", "OTHER_HALF");
    half.set("others", JSON.valueToTree(List.of()));
    refused(half, "others", "other half");

    var alone = entry("Alone", "MEDIUM");
    alone.set("others", JSON.valueToTree(List.of()));
    refused(alone, "others", "at least one");

    var years = entry("Years before", "MEDIUM");
    years.put("against", "EARLIER");
    refused(years, "others", "its own years");

    var looks = entry("Looks at the tag", "MEDIUM");
    looks.set("looks", JSON.valueToTree(List.of("leaves", "tag")));
    refused(looks, "looks[1]", "nothing a trial can look at");

    var tomorrow = entry("Begun tomorrow", "MEDIUM");
    tomorrow.put("since", TODAY.plusDays(1).toString());
    refused(tomorrow, "since", "today or before");
  }

  @Test
  void aPlantStandsInOneTrialOfTheSameThing() throws Exception {
    begun(entry("Seaweed once a month", "FEED"));
    var again = entry("Half the feed", "FEED");
    again.set("plants", JSON.valueToTree(List.of(BENCH.id(THIRD))));
    again.set("others", JSON.valueToTree(List.of(BENCH.id(ONE))));
    refused(again, "others[0]", "“Seaweed once a month”");
    again.put("tried", "PLACE");
    begun(again);
  }

  /** What was entered for a day long ago is judged from half a year after that day on. */
  @Test
  void aTrialThatBeganLongAgoMayBeJudgedToday() throws Exception {
    var old = entry("Moss round the neck", "METHOD");
    old.put("since", TODAY.minusDays(300).toString());
    old.put("judgeOn", TODAY.toString());
    begun(old);
    assertThat(trial("Moss round the neck").path("state").asString()).isEqualTo("RIPE");
    var from = APP.get("/api/trials/honest-from?since=" + TODAY.minusDays(300)).body();
    assertThat(LocalDate.parse(from.path("day").asString())).isBefore(TODAY);
  }
}
