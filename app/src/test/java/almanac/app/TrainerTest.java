package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.HashSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** The trainer asks, marks and remembers. */
class TrainerTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static JsonNode page() throws Exception {
    return APP.get("/api/trainer").body();
  }

  private static RunningApplication.Answer answer(String key, String body) throws Exception {
    return APP.post("/api/trainer/cases/%s/answer".formatted(key), body);
  }

  private static int answered() throws Exception {
    return page().path("progress").path("of").asInt();
  }

  @Test
  void aMisjudgedCaseComesBackTomorrowAndIsToldInFull() throws Exception {
    int before = answered();
    var told =
        answer(
            "made-up.crowded-pot",
            """
            {"asks": "MOVE", "how": "FULL_REPOT", "looked": [], "sure": "SURE"}""");
    assertThat(told.status()).isEqualTo(201);
    assertThat(told.body().path("mark").asString()).isEqualTo("TOO_EARLY");
    assertThat(told.body().path("again").asString()).isEqualTo("2027-05-16");
    assertThat(told.body().path("slip").path("approaches")).hasSize(4);
    assertThat(told.body().path("shows").asString())
        .isEqualTo("A crowded pot is no reason by itself.");
    assertThat(told.body().path("came")).isNotEmpty();
    assertThat(answered()).isEqualTo(before + 1);
  }

  @Test
  void aLookShowsWhatTheCaseKnowsAndNothingElse() throws Exception {
    var torn = APP.get("/api/trainer/cases/made-up.unseen-medium/looks/mediumPiece").body();
    assertThat(torn.path("seen").path(0).path("answers").path(0).asString()).isEqualTo("TEARS");
    assertThat(
            APP.get("/api/trainer/cases/made-up.unseen-medium/looks/bubbles").body().path("seen"))
        .isEmpty();
    var blind = answer("made-up.unseen-medium", "{\"asks\": \"LEAVE\", \"looked\": []}").body();
    assertThat(blind.path("mark").asString()).isEqualTo("DID_NOT_LOOK");
    assertThat(blind.path("unseen")).isNotEmpty();
  }

  @Test
  void aCaseOfTheOwnPastKnowsNothingOfWhatCameLater() throws Exception {
    var seen = new HashSet<String>();
    for (int turn = 0; turn < 12; turn++) {
      var next = page().path("next");
      var key = next.path("key").asString();
      if (!next.path("plant").isNull() && !next.path("plant").path("plantId").isNull()) {
        seen.add(key);
        var on = next.path("plant").path("on").asString();
        for (var day : next.path("plant").path("days")) {
          assertThat(day.path("on").asString()).isLessThanOrEqualTo(on);
        }
        assertThat(next.path("plant").path("days").path(0).path("on").asString()).isEqualTo(on);
        var told = answer(key, "{\"asks\": \"LEAVE\", \"looked\": []}").body();
        assertThat(told.path("slip").path("judgedOn").asString()).isEqualTo(on);
        assertThat(told.path("came")).isNotEmpty();
      } else if (next.path("plant").isNull()) {
        APP.post(
            "/api/trainer/drawings/%s/answer".formatted(key),
            "{\"taken\": \"%s\"}".formatted(next.path("drawing").path("shown").asString()));
      } else {
        answer(key, "{\"asks\": \"LEAVE\", \"looked\": []}");
      }
    }
    assertThat(seen).hasSizeGreaterThanOrEqualTo(2);
  }

  @Test
  void aDrawingTakenForSomethingElseComesBack() throws Exception {
    var told =
        APP.post("/api/trainer/drawings/drawing.smell.SOUR/answer", "{\"taken\": \"STALE\"}");
    assertThat(told.body().path("mark").asString()).isEqualTo("MISTOOK");
    assertThat(told.body().path("again").asString()).isEqualTo("2027-05-16");
    assertThat(told.body().path("slip").isNull()).isTrue();
  }

  @Test
  void whatIsNoAnswerIsNamedAndNothingIsKept() throws Exception {
    int before = answered();
    var body = "{\"asks\": \"LEAVE\", \"how\": \"MOVE_UP\", \"looked\": []}";
    assertThat(fault(answer("made-up.crowded-pot", body))).isEqualTo("how");
    assertThat(
            fault(answer("made-up.crowded-pot", "{\"asks\": \"LEAVE\", \"looked\": [\"shoes\"]}")))
        .isEqualTo("looked[0]");
    assertThat(fault(answer("made-up.crowded-pot", "{\"looked\": []}"))).isEqualTo("asks");
    assertThat(
            fault(
                APP.post(
                    "/api/trainer/drawings/drawing.smell.SOUR/answer", "{\"taken\": \"NUB\"}")))
        .isEqualTo("taken");
    assertThat(answer("made-up.nothing", "{\"asks\": \"LEAVE\", \"looked\": []}").status())
        .isEqualTo(404);
    assertThat(answer("own.nobody", "{\"asks\": \"LEAVE\", \"looked\": []}").status())
        .isEqualTo(404);
    assertThat(answered()).isEqualTo(before);
  }

  private static String fault(RunningApplication.Answer answer) {
    assertThat(answer.status()).isEqualTo(400);
    return answer.body().path("faults").path(0).path("field").asString();
  }
}
