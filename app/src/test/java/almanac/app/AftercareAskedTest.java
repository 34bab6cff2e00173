package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import almanac.app.start.RunningApplication;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The open interface that says which looks a move asks for. */
class AftercareAskedTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.empty();

  private static RunningApplication.Answer asked(String kind, String method, String more)
      throws Exception {
    return APP.post(
        "/api/aftercare",
        """
        {"on": "2027-05-15", "kind": "%s", "method": "%s", "inFlower": false%s}"""
            .formatted(kind, method, more));
  }

  private static Stream<String> looks(RunningApplication.Answer answer) {
    return answer.body().path("looks").valueStream().map(look -> look.path("purpose").asString());
  }

  @Test
  void aDivisionIsWateredOnceItsWoundsAreDryAndThenLookedAtForAYear() throws Exception {
    var answer = asked("oncidium", "DIVIDE", "");
    assertThat(answer.body().path("looks").valueStream())
        .extracting(look -> look.path("purpose").asString(), look -> look.path("early").asString())
        .containsExactly(
            tuple("WATER", "2027-05-17"),
            tuple("STANDS", "2027-05-22"),
            tuple("ROOT_TIPS", "2027-06-09"),
            tuple("ANCHORED", "2027-08-03"),
            tuple("MEDIUM", "2027-11-01"),
            tuple("YEAR", "2028-04-29"));
    assertThat(answer.body().path("nursedUntil").isNull()).isTrue();
  }

  @Test
  void whatStartsDryHasNoFirstWateringAndAWholeBallIsOnlyHeldFirm() throws Exception {
    assertThat(looks(asked("catasetum", "DIVIDE", ""))).startsWith("STANDS");
    assertThat(looks(asked("oncidium", "MOVE_UP", ""))).containsExactly("STANDS", "YEAR");
  }

  @Test
  void manyDeadRootsAreNursed() throws Exception {
    var tally = ", \"tally\": {\"counts\": {\"FIRM_KEPT\": 4, \"SOFT\": 11}, \"byEye\": false}";
    assertThat(asked("oncidium", "FULL_REPOT", tally).body().path("nursedUntil").asString())
        .isGreaterThan("2027-06-15");
  }

  @Test
  void whatIsNoMoveAndNoKindIsRefusedAtItsEntry() throws Exception {
    assertThat(asked("oncidium", "LEAVE", "").fault("method")).isPresent();
    assertThat(asked("oak", "DIVIDE", "").fault("kind")).isPresent();
    assertThat(
            asked(
                    "oncidium",
                    "DIVIDE",
                    ", \"tally\": {\"counts\": {\"SOFT\": -1}, \"byEye\": false}")
                .fault("tally.counts.SOFT"))
        .isPresent();
  }
}
