package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Two plants kept on in one pot are one card, and apart again. */
class OnePotTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final AtTheBench BENCH = new AtTheBench(APP);
  private static final String HOLDER = "Brassia Lock Keeper";
  private static final String OTHER = "Encyclia Cordwain";

  private static String path(long id) {
    return "/api/plants/%d/one-pot".formatted(id);
  }

  private static RunningApplication.Answer join(long holder, long... others) throws Exception {
    return APP.post(path(holder), "{\"plants\":%s}".formatted(java.util.Arrays.toString(others)));
  }

  private static boolean listed(long id) throws Exception {
    for (var line : APP.get("/api/plants").body()) {
      if (line.path("id").asLong() == id) {
        return true;
      }
    }
    return false;
  }

  private static String page(long id) throws Exception {
    var page = APP.get("/api/plants/" + id).body().toString();
    return page.substring(0, page.indexOf("\"journal\""));
  }

  private static void undo(JsonNode saved) throws Exception {
    var act = saved.path("act").asString();
    assertThat(APP.post("/api/acts/%s/withdrawal".formatted(act), "{}").status()).isLessThan(300);
  }

  @Test
  void oneCardStandsForBothUntilTheyPart() throws Exception {
    long holder = BENCH.id(HOLDER);
    long other = BENCH.id(OTHER);
    var before = page(holder) + page(other);
    var joined = join(holder, other);
    assertThat(joined.status()).as("%s", joined.body()).isEqualTo(201);
    assertThat(listed(other)).isFalse();
    assertThat(APP.get("/api/plants/" + other).body().path("inPotOf").path("name"))
        .hasToString("\"%s\"".formatted(HOLDER));
    assertThat(APP.get("/api/plants/" + holder).body().path("holds")).hasSize(1);
    assertThat(join(holder, other).fault("plants[0]")).as("it shares a pot").isPresent();
    assertThat(join(other, holder).fault("id")).as("it has no pot of its own").isPresent();

    var potted =
        APP.post(
            "/api/plants/%d/repots".formatted(holder),
            "{\"on\":\"%s\",\"mix\":[{\"component\":\"PUMICE\",\"parts\":1}]}"
                .formatted(APP.today()));
    assertThat(potted.status()).isEqualTo(201);
    var apart = APP.delete(path(other));
    assertThat(apart.status()).as("%s", apart.body()).isEqualTo(200);
    assertThat(listed(other)).isTrue();
    assertThat(APP.get("/api/plants/" + other).body().path("potting").toString())
        .as("it was potted with the other")
        .contains("PUMICE");
    assertThat(APP.delete(path(other)).fault("id")).isPresent();

    undo(apart.body());
    assertThat(listed(other)).isFalse();
    undo(potted.body());
    undo(joined.body());
    assertThat(page(holder) + page(other)).isEqualTo(before);
  }

  @Test
  void whoSharesThePotOfOneThatLeavesGoesWithIt() throws Exception {
    long holder = BENCH.id(HOLDER);
    long other = BENCH.id(OTHER);
    var joined = join(holder, other).body();
    var entry = PlantCardTest.entry(APP.get("/api/plants/" + holder).body());
    ((ObjectNode) entry.path("card")).put("status", "GIVEN_AWAY").put("statusReason", "a friend");
    var gone = APP.put("/api/plants/" + holder, entry.toString());
    assertThat(gone.status()).as("%s", gone.body()).isEqualTo(200);
    assertThat(APP.get("/api/plants/" + other).body().path("card").path("status").asString())
        .isEqualTo("GIVEN_AWAY");
    undo(gone.body());
    assertThat(APP.get("/api/plants/" + other).body().path("card").path("status").asString())
        .isEqualTo("IN_ONE_POT");
    undo(joined);
    assertThat(listed(other)).isTrue();
  }
}
