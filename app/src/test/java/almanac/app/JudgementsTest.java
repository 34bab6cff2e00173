package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The open interface that judges situations without keeping them. */
class JudgementsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.empty();

  private static final String SPENT =
      """
      {"name":"Slow Barge","kind":"oncidium","on":"2027-05-15",
       "pot":{"pottedOn":"2025-03-15","mix":[{"component":"BARK_MEDIUM","parts":1}],
              "moisture":"DRIES_BETWEEN"},
       "looks":[{"on":"2027-05-15","looks":{
          "newRoots":{"answers":[],"measured":32},
          "rootsInPot":{"answers":["MIXED"]}}}],
       "place":{"latitude":56}}""";

  private static RunningApplication.Answer judge(String situations) throws Exception {
    return APP.post("/api/judgements", "{\"situations\":[%s]}".formatted(situations));
  }

  private static JsonNode slip(String situation) throws Exception {
    var answer = judge(situation);
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
    return answer.body().path(0).path("slip");
  }

  @Test
  void aSituationIsJudgedInFull() throws Exception {
    var answer = judge(SPENT).body().path(0);
    assertThat(answer.path("name").asString()).isEqualTo("Slow Barge");
    var slip = answer.path("slip");
    assertThat(slip.path("verdict").asString()).isEqualTo("WAIT_FOR");
    assertThat(slip.path("family").asString()).isEqualTo("REPOT");
    assertThat(slip.path("when").path("kind").asString()).isEqualTo("WAIT_FOR");
    assertThat(slip.path("when").path("waitFor").toString()).isEqualTo("[\"LONG_ROOTS\"]");
    assertThat(slip.path("when").path("likely").asString())
        .as("68 mm at about 17 mm a week, rather later than sooner")
        .isBetween("2027-06-12", "2027-06-15");
    var roots = slip.path("roots").path(0);
    assertThat(roots.path("unsafeUntil").path("likely").asString())
        .isEqualTo(slip.path("when").path("likely").asString());
    assertThat(roots.path("ahead").size()).isGreaterThan(10);
    assertThat(roots.path("ahead").valueStream())
        .allSatisfy(
            day ->
                assertThat(day.path("likely").asDouble())
                    .isBetween(day.path("least").asDouble(), day.path("most").asDouble()));
    assertThat(slip.path("methodBecause").asString()).isNotBlank();
    assertThat(slip.path("steps").toString()).contains("MEDIUM_OFF");
    assertThat(slip.path("risk").path("tips").asDouble()).isEqualTo(0.25);
    assertThat(slip.path("risk").path("lost").asDouble()).isEqualTo(0.25);
    assertThat(slip.path("reasons").path(0).path("carries").asBoolean()).isTrue();
    assertThat(slip.path("reasons").path(0).path("ruleSays").asString()).isNotBlank();
    assertThat(slip.path("nextCheck").path("best").asString())
        .isLessThan(slip.path("when").path("from").asString());
    assertThat(slip.path("approaches")).hasSize(4);
    assertThat(slip.path("notLookedAt").toString()).contains("bloom");
    assertThat(slip.path("reasons").path(0).path("rule").asString()).startsWith("need.");
    assertThat(APP.get("/api/plants").body()).as("nothing is kept").isEmpty();
  }

  @Test
  void aKindIsNamedByItsKeyOrItsName() throws Exception {
    var byName = SPENT.replace("\"kind\":\"oncidium\"", "\"kind\":\"Oncidium alliance\"");
    assertThat(slip(byName)).isEqualTo(slip(SPENT));
  }

  @Test
  void aKindMayBearItsFormerName() throws Exception {
    assertThat(slip(SPENT.replace("\"kind\":", "\"profile\":"))).isEqualTo(slip(SPENT));
  }

  @Test
  void outOfSeasonTheGatesDayIsNamed() throws Exception {
    var winter = SPENT.replace("2027-05-", "2026-11-");
    assertThat(slip(winter).path("gateOpens").asString()).isBetween("2027-02-25", "2027-03-10");
    assertThat(slip(SPENT).path("gateOpens").isNull()).isTrue();
  }

  @Test
  void whatCannotBeInItsPotIsRefusedWithItsPath() throws Exception {
    var stones =
        SPENT
            .replace("BARK_MEDIUM", "PUMICE")
            .replace("\"looks\":{", "\"looks\":{\"mediumPiece\":{\"answers\":[\"TEARS\"]},");
    var answer = judge(stones);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().toString()).contains("looks.mediumPiece", "does not decay");
  }

  @Test
  void inchesChangeNothing() throws Exception {
    var inches =
        "{\"units\":\"US\",\"situations\":[%s]}"
            .formatted(SPENT.replace("\"measured\":32", "\"measured\":" + 32 / 25.4));
    assertThat(APP.post("/api/judgements", inches).body().path(0).path("slip"))
        .isEqualTo(slip(SPENT));
  }

  @Test
  void severalLeadsHaveRootsOfTheirOwn() throws Exception {
    var both =
        SPENT.replace("\"rootsInPot\"", "\"newRoots/B\":{\"answers\":[\"NUB\"]},\"rootsInPot\"");
    assertThat(slip(both).path("roots").valueStream().map(chart -> chart.path("lead").asString()))
        .containsExactly("A", "B");
  }

  @Test
  void aListIsJudgedInItsOrder() throws Exception {
    var list =
        IntStream.range(0, 500)
            .mapToObj(i -> SPENT.replace("Slow Barge", "Barge " + i))
            .collect(Collectors.joining(","));
    var answers = judge(list);
    assertThat(answers.status()).isEqualTo(200);
    assertThat(answers.body()).hasSize(500);
    assertThat(answers.body().path(499).path("name").asString()).isEqualTo("Barge 499");
    assertThat(judge(list + "," + SPENT).fault("situations")).isPresent();
  }

  @ParameterizedTest(name = "{0} → {1}: {2}")
  @CsvSource(
      delimiter = ';',
      quoteCharacter = '\'',
      value = {
        "\"oncidium\"; \"cactus\"; situations[0].kind",
        "\"kind\":\"oncidium\",; ''; situations[0].kind",
        "\"measured\":32; \"measured\":3200; situations[0].looks[0].looks.newRoots.measured",
        "\"answers\":[],; \"answers\":[\"NONE\"],; situations[0].looks[0].looks.newRoots.measured",
        "\"MIXED\"; \"FLUFFY\"; situations[0].looks[0].looks.rootsInPot",
        "\"rootsInPot\"; \"rootsInHat\"; situations[0].looks[0].looks.rootsInHat",
        "[{\"on\":\"2027-05-15\"; [{\"on\":\"2027-05-16\"; situations[0].looks[0].on",
        "\"place\"; \"arrivedOn\":\"2027-05-16\",\"place\"; situations[0].arrivedOn",
        "\"place\"; \"arrivedOn\":\"2027-05-15\",\"place\"; ''",
        "\"looks\":[{\"on\":\"2027-05-15\"; \"arrivedOn\":\"2027-05-14\",\"looks\":[{\"on\":\"2027-05-13\"; situations[0].looks[0].on",
        "[{\"component\":\"BARK_MEDIUM\",\"parts\":1}]; []; situations[0].pot.mix",
        "\"parts\":1; \"parts\":-1; situations[0].pot.mix",
        "\"BARK_MEDIUM\"; \"MUD\"; situations[0].pot.mix[0].component",
        "\"2025-03-15\"; \"2028\"; situations[0].pot.pottedOn",
        "\"latitude\":56; \"latitude\":91; situations[0].place.latitude",
        "\"latitude\":56; \"means\":[99]; situations[0].place.means",
        "\"latitude\":56; \"lampHours\":30; situations[0].place.lampHours",
        "\"rootsInPot\"; \"soakPh\":{\"answers\":[],\"measured\":14.5},\"rootsInPot\"; situations[0].looks[0].looks.soakPh.measured",
        "\"place\"; \"figures\":{\"need.mood\":1},\"place\"; situations[0].need.mood",
        "\"place\"; \"approach\":\"HURRY\",\"place\"; situations[0].approach",
        "\"place\"; \"deviation\":{\"rootSpeed\":900},\"place\"; situations[0].deviation.rootSpeed"
      })
  void aSituationThatCannotBeIsRefusedByItsField(String right, String wrong, String field)
      throws Exception {
    var told = SPENT.replace(right, wrong == null ? "" : wrong);
    assertThat(told).isNotEqualTo(SPENT);
    var answer = judge(told);
    if (field == null || field.isEmpty()) {
      assertThat(answer.status()).isEqualTo(200);
      return;
    }
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(400);
    assertThat(answer.fault(field)).as("%s", answer.body()).isPresent();
  }

  @Test
  void theExampleOfTheDocumentIsJudged() throws Exception {
    var schema = APP.get("/api/openapi").body().path("components").path("schemas").path("Asked");
    var example = schema.path("example");
    assertThat(example.isMissingNode()).isFalse();
    var answer =
        APP.post("/api/judgements", example.isString() ? example.asString() : example.toString());
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
    assertThat(answer.body().path(0).path("slip").path("roots")).hasSize(2);
  }

  @Test
  void theYearAheadBeginsWithItsSlipAndItsExampleRuns() throws Exception {
    var slip = slip(SPENT);
    var answer = APP.post("/api/months-ahead", "{\"situation\":%s}".formatted(SPENT));
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
    var weeks = answer.body().path("weeks");
    assertThat(weeks).hasSize(53);
    assertThat(weeks.path(0).path("need").path("likely").asDouble())
        .isEqualTo(Math.round(slip.path("need").asDouble()));
    assertThat(weeks.path(0).path("readiness").path("likely").asDouble())
        .isEqualTo(Math.round(slip.path("readiness").asDouble()));
    assertThat(answer.body().path("words").toString()).contains("It wants a move by now.");

    var example =
        APP.get("/api/openapi")
            .body()
            .path("components")
            .path("schemas")
            .path("AskedAhead")
            .path("example");
    var text = example.isString() ? example.asString() : example.toString();
    assertThat(APP.post("/api/months-ahead", text).status()).isEqualTo(200);

    var wrong = APP.post("/api/months-ahead", "{\"situation\":{\"kind\":\"fern\"}}");
    assertThat(wrong.status()).isEqualTo(400);
    assertThat(wrong.body().path("faults").path(0).path("field").asString())
        .startsWith("situation.");
  }
}
