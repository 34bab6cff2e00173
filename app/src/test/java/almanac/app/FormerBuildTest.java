package almanac.app;

import static almanac.app.start.RunningApplication.words;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.OlderData;
import almanac.app.start.RunningApplication;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.stream.LongStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A folder that was kept by the last build before there were acts, with looks, repots, answers,
 * corrections, changes of cards and what was taken back, and what that build showed of it.
 */
class FormerBuildTest {
  private static final int PLANTS = 8;

  @RegisterExtension
  static final RunningApplication APP =
      RunningApplication.over(data -> OlderData.unpack("schema-7.zip", data));

  private static JsonNode shown;

  /** What was called a bench and a profile then is a place and a kind now. */
  @BeforeAll
  static void read() throws IOException {
    try (var file = FormerBuildTest.class.getResourceAsStream("/older/schema-7.json")) {
      var text = new String(Objects.requireNonNull(file).readAllBytes(), StandardCharsets.UTF_8);
      shown =
          JsonMapper.shared()
              .readTree(text.replace("\"bench", "\"place").replace("\"profile", "\"kind"));
    }
  }

  static LongStream plants() {
    return LongStream.rangeClosed(1, PLANTS);
  }

  private static JsonNode then(long plant) {
    return shown.path("plants").path(String.valueOf(plant));
  }

  private static JsonNode now(long plant) throws Exception {
    return APP.get("/api/plants/" + plant).body();
  }

  @ParameterizedTest
  @MethodSource("plants")
  void itsCardAndWhatItIsJudgedByAreAsTheyWere(long plant) throws Exception {
    var then = then(plant);
    var now = now(plant);
    for (var part :
        List.of(
            "name",
            "card",
            "kind",
            "kindName",
            "place",
            "aim",
            "approach",
            "arrivedOn",
            "cameRootless",
            "addedOn",
            "potting",
            "today",
            "growths",
            "room",
            "apart")) {
      assertThat(now.path(part)).as(part).isEqualTo(then.path(part));
    }
    for (var part : List.of("deviation", "traits")) {
      then.path(part)
          .properties()
          .forEach(
              trait ->
                  assertThat(now.path(part).path(trait.getKey()))
                      .as(trait.getKey())
                      .isEqualTo(trait.getValue()));
    }
    assertThat(now.path("holding").path("since")).isEqualTo(then.path("holding").path("since"));
    assertThat(now.path("holding").path("soaks")).isEqualTo(then.path("holding").path("soaks"));
    for (var part : List.of("judgedOn", "approach")) {
      assertThat(now.path("slip").path(part)).as(part).isEqualTo(then.path("slip").path(part));
    }
    for (var part : List.of("byCalendar", "matureFrom", "dueFrom", "spentFrom")) {
      assertThat(now.path("slip").path("medium").path(part))
          .as("medium: %s", part)
          .isEqualTo(then.path("slip").path("medium").path(part));
    }
    assertThat(seen(now)).as("what was seen of its roots").containsAll(seen(then));
  }

  /** Every look at the growing roots that the slip draws. */
  private static List<JsonNode> seen(JsonNode plant) {
    return plant
        .path("slip")
        .path("roots")
        .valueStream()
        .flatMap(roots -> roots.path("seen").valueStream())
        .toList();
  }

  /** What was promised stands; what is judged anew may be judged otherwise by rules of today. */
  @ParameterizedTest
  @MethodSource("plants")
  void whatWasPromisedOfItStands(long plant) throws Exception {
    assertThat(promised(now(plant))).containsAll(promised(then(plant)));
  }

  private static List<String> promised(JsonNode plant) {
    return plant
        .path("checks")
        .valueStream()
        .filter(check -> !check.path("purpose").asString().equals("AS_JUDGED"))
        .map(FormerBuildTest::check)
        .toList();
  }

  private static String check(JsonNode check) {
    return "%s %s %s %s %s"
        .formatted(
            check.path("purpose").asString(),
            check.path("early").asString(),
            check.path("best").asString(),
            check.path("late").asString(),
            check.path("urgency").asString());
  }

  @ParameterizedTest
  @MethodSource("plants")
  void itsJournalIsAsItWas(long plant) throws Exception {
    assertThat(now(plant).path("journal").valueStream().map(FormerBuildTest::line))
        .containsExactlyInAnyOrderElementsOf(
            then(plant).path("journal").valueStream().map(FormerBuildTest::line).toList());
  }

  private static List<Object> line(JsonNode line) {
    return List.of(
        line.path("on"),
        line.path("recordedOn"),
        line.path("kind"),
        line.path("standing"),
        words(line),
        line.path("note"),
        line.path("corrects").isNull(),
        line.path("looks"),
        line.path("potting"));
  }

  @Test
  void theListTheRoundAndWhoIsGoneAreAsTheyWere() throws Exception {
    for (var part : List.of("number", "name", "asideOn")) {
      assertThat(
              APP.get("/api/plants")
                  .body()
                  .valueStream()
                  .map(line -> line.path(part).toString().replaceFirst(" \\(.*\\)", "")))
          .as("%s, but for the numbers beside the names of twins", part)
          .containsExactlyElementsOf(
              shown.path("list").valueStream().map(line -> line.path(part).toString()).toList());
    }
    assertThat(APP.get("/api/plants/gone").body()).isEqualTo(shown.path("gone"));
    assertThat(APP.get("/api/round").body().path("places"))
        .isEqualTo(shown.path("round").path("places"));
  }
}
