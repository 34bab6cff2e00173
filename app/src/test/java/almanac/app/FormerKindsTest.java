package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.OlderData;
import almanac.app.start.RunningApplication;
import java.nio.file.Path;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Kinds that were changed and added while their traits still stood in columns of one table. */
class FormerKindsTest {
  @RegisterExtension
  static final RunningApplication APP = RunningApplication.over(FormerKindsTest::keep);

  private static void keep(Path data) throws SQLException {
    try (var connection = OlderData.schema(data, 8);
        var statement = connection.createStatement()) {
      statement.execute(
          "insert into own_profile values ('vanda', 'Vanda', 'MONOPODIAL', 'EPIPHYTE', 'THICK',"
              + " 'YES', 'TIPS_GROWING', 'at any time', 'DRIES_BETWEEN', 'soaked; daily', null,"
              + " 0.0, 0.0, 17.5, 33.0, true, 21.0, false)");
      statement.execute(
          "insert into own_profile values ('weir-creeper', 'Weir creeper', 'SYMPODIAL', 'SLIPPER',"
              + " 'FINE', 'NO', 'NUB_ONLY', '', 'KEPT_MOIST', '', 3, 25.4, 1.5, 9.0, 26.0, false,"
              + " 6.0, true)");
    }
  }

  @Test
  void bothAreAsTheyWere() throws Exception {
    var vanda = kind("vanda");
    assertThat(vanda.path("standing").asString()).isEqualTo("CHANGED");
    assertThat(vanda.path("traits").toString())
        .isEqualTo(
            "{\"habit\":\"MONOPODIAL\",\"ground\":\"EPIPHYTE\",\"roots\":\"THICK\","
                + "\"rootsAppear\":\"at any time\",\"care\":\"soaked; daily\","
                + "\"lightOnRoots\":true,\"readyRule\":\"TIPS_GROWING\",\"branching\":\"YES\","
                + "\"moisture\":\"DRIES_BETWEEN\",\"rest\":\"NONE\",\"bestPot\":\"BASKET\",\"rootsHidden\":false,\"rootSpeed\":21.0,"
                + "\"rhizomeStepMm\":0.0,\"growthsAYear\":0.0,\"leastGrowths\":null,"
                + "\"nightLeast\":17.5,\"dayMost\":33.0}");
    var creeper = kind("weir-creeper");
    assertThat(creeper.path("standing").asString()).isEqualTo("ADDED");
    assertThat(creeper.path("name").asString()).isEqualTo("Weir creeper");
    assertThat(creeper.path("traits").path("leastGrowths").asInt()).isEqualTo(3);
    assertThat(creeper.path("traits").path("rhizomeStepMm").asDouble()).isEqualTo(25.4);
    assertThat(creeper.path("traits").path("rootsHidden").asBoolean()).isTrue();
    assertThat(creeper.path("traits").path("care").asString()).isEmpty();
  }

  private static JsonNode kind(String key) throws Exception {
    return APP.get("/api/kinds")
        .body()
        .valueStream()
        .filter(kind -> kind.path("key").asString().equals(key))
        .findFirst()
        .orElseThrow();
  }
}
