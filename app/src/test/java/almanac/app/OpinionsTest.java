package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A plant leaves without its verdict, and what others judge of it is laid beside ours. */
class OpinionsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final AtTheBench BENCH = new AtTheBench(APP);
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final String PLANT = "Maxillaria Rope Ladder";

  private static ObjectNode question(long plant) throws Exception {
    return (ObjectNode) APP.get("/api/plants/%d/question".formatted(plant)).body();
  }

  private static RunningApplication.Answer send(String path, JsonNode body) throws Exception {
    return APP.post("/api/opinions/" + path, JSON.writeValueAsString(body));
  }

  private static JsonNode answered(ObjectNode question, String asks) throws Exception {
    var given = JSON.createObjectNode();
    given.set("question", question);
    given.put("asks", asks);
    given.put("from", "the neighbour");
    given.put("says", "Its bark smells.");
    var answer = send("answer", given);
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
    return answer.body();
  }

  private static String fault(RunningApplication.Answer answer) {
    assertThat(answer.status()).isEqualTo(400);
    return answer.body().path("faults").path(0).path("field").asString();
  }

  @Test
  void aPlantLeavesWithAllThatWasSeenAndWithoutItsVerdict() throws Exception {
    var question = question(BENCH.id(PLANT));
    assertThat(question.path("situation").path("looks")).isNotEmpty();
    assertThat(question.toString()).doesNotContain("verdict", "need", "readiness", "slip");
    var shown = send("question", question);
    assertThat(shown.status()).isEqualTo(200);
    assertThat(shown.body().path("name").asString()).isEqualTo(PLANT);
    assertThat(shown.body().path("days")).isNotEmpty();
    assertThat(shown.body().toString()).doesNotContain("verdict", "readiness");
  }

  /** What the file tells is enough: judged from it alone, every plant is judged as on its page. */
  @Test
  void everyPlantIsJudgedFromItsFileAsOnItsPage() throws Exception {
    int same = 0;
    int moved = 0;
    var plants = APP.get("/api/plants").body();
    for (var plant : plants) {
      long id = plant.path("id").asLong();
      var slip = APP.get("/api/plants/%d".formatted(id)).body().path("slip");
      var ours = send("compare", answered(question(id), "LEAVE")).body().path("ours");
      same += ours.path("title").asString().equals(slip.path("title").asString()) ? 1 : 0;
      moved += ours.path("asks").asString().equals("MOVE") ? 1 : 0;
    }
    assertThat(moved).isGreaterThan(5);
    assertThat(same).isGreaterThanOrEqualTo(plants.size() - 2);
  }

  @Test
  void twoOpinionsLieBesideEachOtherWithWhereTheyPart() throws Exception {
    var answer = (ObjectNode) answered(question(BENCH.id(PLANT)), "DIVIDE");
    var agreed = send("compare", answer).body();
    assertThat(agreed.path("plantId").asLong()).isEqualTo(BENCH.id(PLANT));
    assertThat(agreed.path("from").asString()).isEqualTo("the neighbour");
    assertThat(agreed.path("asks").asString()).isEqualTo("DIVIDE");
    assertThat(agreed.path("parts")).isEmpty();
    ((ObjectNode) answer.path("almanac")).put("asks", "LET_GO");
    assertThat(send("compare", answer).body().path("parts").path(0).asString())
        .startsWith("They would let it go; yours would ");
  }

  /** A browser reads the file and writes it again: 8 where there was 8.0. */
  @Test
  void aNumberMayBeWrittenWithoutItsPoint() throws Exception {
    var file = question(BENCH.id(PLANT)).toString();
    var rewritten = JSON.readTree(file.replaceAll("(\\d)\\.0(?=[,}\\]])", "$1"));
    assertThat(rewritten.toString().length()).isLessThan(file.length());
    assertThat(send("question", rewritten).status()).isEqualTo(200);
    assertThat(send("compare", answered((ObjectNode) rewritten, "LEAVE")).status()).isEqualTo(200);
  }

  @Test
  void whatWasAlteredOrIsNewerOrAnotherFileIsNamed() throws Exception {
    long plant = BENCH.id(PLANT);
    var altered = question(plant);
    ((ObjectNode) altered.path("situation")).put("name", "Another");
    assertThat(fault(send("question", altered))).isEqualTo("digest");
    var newer = question(plant);
    newer.put("format", 2);
    assertThat(fault(send("question", newer))).isEqualTo("format");
    var other = question(plant);
    other.put("mellowAlmanac", "answer");
    assertThat(fault(send("question", other))).isEqualTo("mellowAlmanac");
    var answer = (ObjectNode) answered(question(plant), "LEAVE");
    ((ObjectNode) answer.path("question")).put("kindName", "Vanda");
    assertThat(fault(send("compare", answer))).isEqualTo("question.digest");
  }
}
