package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What came of the moves of the demo, what that teaches, and what somebody makes of it. */
class TaughtTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final AtTheBench BENCH = new AtTheBench(APP);
  private static final String PLANT = "Maxillaria Rope Ladder";
  private static final String FINE_BARK = "medium.life.bark-fine";

  private static String words(JsonNode parts) {
    var words = new StringBuilder();
    parts.forEach(part -> words.append(part.path("text").asString()));
    return words.toString();
  }

  private static JsonNode taught() throws Exception {
    return APP.get("/api/taught").body();
  }

  private static int count(JsonNode page, String outcome) {
    for (var each : page.path("counted")) {
      if (each.path("outcome").asString().equals(outcome)) {
        return each.path("count").asInt();
      }
    }
    return 0;
  }

  private static JsonNode life(JsonNode page, String figure) {
    for (var life : page.path("lives")) {
      if (life.path("figure").asString().equals(figure)) {
        return life;
      }
    }
    throw new AssertionError(figure);
  }

  private static JsonNode moves() throws Exception {
    return APP.get("/api/plants/%d/moves".formatted(BENCH.id(PLANT))).body().path("moves");
  }

  private static RunningApplication.Answer say(String on, String told) throws Exception {
    return APP.post("/api/plants/%d/moves/%s/outcome".formatted(BENCH.id(PLANT), on), told);
  }

  @Test
  void thePlantTheJournalAndThePapersTellTheSameOfAMove() throws Exception {
    var move = moves().path(0);
    assertThat(words(move.path("words")))
        .isEqualTo(
            "Repotted on 2027-01-15; new tips by 2027-02-14, held by 2027-03-24: re-established.");
    assertThat(move.path("restsOn")).isNotEmpty();
    assertThat(move.path("then"))
        .extracting(line -> line.path("what").asString())
        .startsWith("Slip")
        .contains("Medium");
    assertThat(words(move.path("then").path(0).path("words"))).startsWith("its slip ");
    var papers = APP.get("/api/plants/%d/papers".formatted(BENCH.id(PLANT))).body();
    assertThat(papers.path("chapters").path(1).path("heading").asString())
        .isEqualTo("What came of its moves");
    assertThat(papers.path("chapters").path(1).path("lines"))
        .extracting(line -> words(line.path("words")))
        .contains(words(move.path("words")));
  }

  @Test
  void forecastsAreHeldAgainstWhatCame() throws Exception {
    var foretold = taught().path("foretold");
    assertThat(foretold)
        .extracting(line -> line.path("what").asString())
        .containsExactly("ROOTS", "MEDIUM");
    for (var line : foretold) {
      var newest = line.path("newest");
      assertThat(line.path("came").asInt())
          .as("all of them are shown")
          .isEqualTo(newest.valueStream().filter(each -> each.path("came").asBoolean()).count())
          .isBetween(1, line.path("of").asInt() - 1);
      assertThat(newest)
          .allSatisfy(
              each ->
                  assertThat(each.path("said").asString())
                      .isLessThan(each.path("seen").asString()));
    }
  }

  @Test
  void rootSpeedsThatWereMeasuredAreShownByKind() throws Exception {
    assertThat(taught().path("speeds"))
        .isNotEmpty()
        .allSatisfy(
            speed -> {
              assertThat(speed.path("plants").asInt()).isPositive();
              assertThat(speed.path("likely").asDouble())
                  .isBetween(speed.path("low").asDouble(), speed.path("high").asDouble());
            });
  }

  @Test
  void whatSomebodySaysCountsUntilItIsTakenBackOrWorkedOutAgain() throws Exception {
    var before = taught();
    var on = moves().path(0).path("on").asString();
    var told = say(on, "{\"outcome\":\"SET_BACK\"}");
    assertThat(told.status()).as("%s", told.body()).isEqualTo(201);
    assertThat(moves().path(0).path("outcome").asString()).isEqualTo("SET_BACK");
    assertThat(moves().path(0).path("said").asBoolean()).isTrue();
    assertThat(count(taught(), "SET_BACK")).isEqualTo(count(before, "SET_BACK") + 1);
    assertThat(words(told.body().path("plant").path("journal").path(0).path("words")))
        .isEqualTo("What came of the move of 2027-01-15: set back");

    APP.post("/api/acts/%s/withdrawal".formatted(told.body().path("act").asString()), "{}");
    assertThat(taught()).isEqualTo(before);
    say(on, "{\"outcome\":\"LOST\"}");
    say(on, "{\"outcome\":null}");
    assertThat(taught()).isEqualTo(before);
  }

  @Test
  void ofNoMoveNothingIsSaidAndNothingThatOnlyTheCalendarKnows() throws Exception {
    var before = moves();
    var on = before.path(0).path("on").asString();
    assertThat(say("2027-01-16", "{\"outcome\":\"SLOW\"}").status()).isEqualTo(404);
    assertThat(say(on, "{\"outcome\":\"TOO_EARLY\"}").fault("outcome"))
        .hasValueSatisfying(said -> assertThat(said).contains("follow from the calendar"));
    assertThat(say(on, "{\"outcome\":\"FINE\"}").fault("outcome")).isPresent();
    assertThat(say("yesterday", "{\"outcome\":\"SLOW\"}").status()).isEqualTo(400);
    assertThat(moves()).isEqualTo(before);
  }

  @Test
  void everyMoveIsCountedOnceAndSmallNumbersSayNothing() throws Exception {
    var page = taught();
    int counted = 0;
    for (var each : page.path("counted")) {
      counted += each.path("count").asInt();
    }
    assertThat(counted).isEqualTo(page.path("moves").asInt()).isGreaterThan(80);
    var few =
        page.path("questions")
            .valueStream()
            .flatMap(question -> question.path("lines").valueStream())
            .filter(line -> line.path("of").asInt() < 5)
            .toList();
    assertThat(few).isNotEmpty().allMatch(line -> line.path("against").asString().equals("FEW"));
    assertThat(page.path("questions").path(0).path("lines"))
        .extracting(line -> line.path("words").asString())
        .containsSubsequence("At the nubs", "Short or half-long roots", "No new roots");
    assertThat(page.path("tips").path("by").asInt()).isBetween(15, 60);
  }

  @Test
  void aFigureIsTakenOverVisiblyAndGivenBack() throws Exception {
    var before = taught();
    var rules = APP.get("/api/rules").body();
    var plants = APP.get("/api/plants").body();
    var bark = life(before, FINE_BARK);
    assertThat(bark.path("against").asString()).isEqualTo("WORSE");
    assertThat(bark.path("high").asDouble()).isLessThan(18);
    var proposed = bark.path("proposed").asDouble();

    var taken = take("{\"figure\":\"%s\",\"value\":%s}".formatted(FINE_BARK, proposed));
    assertThat(life(taken, FINE_BARK).path("own").asDouble()).isEqualTo(proposed);
    assertThat(life(taken, FINE_BARK).path("learned").asBoolean()).isTrue();
    assertThat(life(taken, FINE_BARK).path("carried").asBoolean()).isTrue();
    assertThat(life(taken, FINE_BARK).path("likely")).isEqualTo(bark.path("likely"));
    assertThat(line(FINE_BARK).path("learned").asBoolean()).isTrue();
    assertThat(APP.get("/api/plants").body()).isNotEqualTo(plants);

    APP.put("/api/rules", "{\"values\":{\"%s\":30}}".formatted(FINE_BARK));
    assertThat(line(FINE_BARK).path("learned").asBoolean()).as("changed by hand").isFalse();
    assertThat(life(taught(), FINE_BARK).path("carried").asBoolean()).isFalse();

    take("{\"figure\":\"%s\",\"value\":null}".formatted(FINE_BARK));
    assertThat(taught()).isEqualTo(before);
    assertThat(APP.get("/api/rules").body()).isEqualTo(rules);
    assertThat(APP.get("/api/plants").body()).isEqualTo(plants);
  }

  private static JsonNode take(String body) throws Exception {
    var answer = APP.put("/api/taught/figures", body);
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
    return answer.body();
  }

  private static JsonNode line(String figure) throws Exception {
    return APP.get("/api/rules")
        .body()
        .valueStream()
        .flatMap(chapter -> chapter.path("figures").valueStream())
        .filter(line -> line.path("key").asString().equals(figure))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aFigureThatTheRecordSaysNothingOfOrThatCannotBeIsRefused() throws Exception {
    var rules = APP.get("/api/rules").body();
    for (var figure : List.of("tally.few-roots", "medium.life.tree-fern", "no.such")) {
      assertThat(
              APP.put("/api/taught/figures", "{\"figure\":\"%s\",\"value\":3}".formatted(figure))
                  .fault("figure"))
          .as(figure)
          .isPresent();
    }
    var absurd =
        APP.put("/api/taught/figures", "{\"figure\":\"%s\",\"value\":0}".formatted(FINE_BARK));
    assertThat(absurd.status()).isEqualTo(400);
    assertThat(APP.get("/api/rules").body()).isEqualTo(rules);
  }

  @Test
  void aMoveThatIsToldInFullIsJudgedByItself() throws Exception {
    var told =
        """
        {"on":"2026-06-03","sort":"REPOT","inFlower":false,"told":"2027-05-15",
         "looks":[{"on":"2026-06-01","looks":{"newRoots":{"answers":["NUB"]}}},
                  {"on":"2026-06-27","looks":{"rootTips":{"answers":["ACTIVE"]}}},
                  {"on":"2026-08-30","looks":{"newRoots":{"answers":["ANCHORED"]}}}]%s}""";
    var move = APP.post("/api/outcomes", told.formatted("")).body();
    assertThat(words(move.path("words")))
        .isEqualTo(
            "Repotted at the nubs on 2026-06-03; new tips by 2026-06-27, held by 2026-08-30:"
                + " re-established.");
    var lost = told.formatted(",\"leftOn\":\"2026-07-20\",\"status\":\"LOST\"");
    assertThat(APP.post("/api/outcomes", lost).body().path("outcome").asString()).isEqualTo("LOST");
  }

  @Test
  void aMoveThatCannotBeIsRefusedAtItsField() throws Exception {
    var told = "{\"on\":\"2026-06-03\",\"sort\":\"REPOT\",\"inFlower\":false,\"looks\":[%s]%s}";
    assertThat(
            APP.post("/api/outcomes", told.formatted("", ",\"told\":\"2026-06-02\"")).fault("on"))
        .isPresent();
    var tooLate =
        """
        ,"told":"2026-06-20",
         "checks":[{"on":"2026-07-01","purpose":"ANCHORED","answer":"AS_HOPED"}]""";
    assertThat(APP.post("/api/outcomes", told.formatted("", tooLate)).fault("checks[0].on"))
        .isPresent();
    assertThat(
            APP.post("/api/outcomes", told.formatted("", ",\"status\":\"LOST\"")).fault("leftOn"))
        .isPresent();
    assertThat(
            APP.post(
                    "/api/outcomes",
                    told.formatted("", ",\"leftOn\":\"2026-07-01\",\"status\":\"GROWING\""))
                .fault("status"))
        .isPresent();
    assertThat(
            APP.post(
                    "/api/outcomes",
                    told.formatted(
                        "{\"on\":\"2026-07-01\",\"looks\":{\"mood\":{\"answers\":[]}}}", ""))
                .fault("looks[0].looks.mood"))
        .isPresent();
    assertThat(
            APP.post("/api/outcomes", told.formatted("{\"on\":\"2028-07-01\",\"looks\":{}}", ""))
                .fault("looks[0].on"))
        .isPresent();
  }
}
