package almanac.app.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.app.ground.disk.StartRefused;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What the program is told at its start, and what it does not put up with. */
class OptionsTest {

  @Test
  void withoutAWordItOpensAnOwnCollectionForThisMachineOnly() {
    var usual = Options.of();
    assertThat(usual.demo()).isFalse();
    assertThat(usual.rehearse()).isFalse();
    assertThat(usual.host()).isEmpty();
    assertThat(usual.port()).isEqualTo(8484);
    assertThat(usual.today()).isEmpty();
  }

  @Test
  void everyOptionIsTaken() {
    var told =
        Options.of(
            "--demo",
            "--rehearse",
            "--data=some/where",
            "--host=127.0.0.1",
            "--port=9000",
            "--today=2027-05-15");
    assertThat(told.demo()).isTrue();
    assertThat(told.rehearse()).isTrue();
    assertThat(told.data()).isEqualTo(Path.of("some/where").toAbsolutePath());
    assertThat(told.host()).isEqualTo("127.0.0.1");
    assertThat(told.port()).isEqualTo(9000);
    assertThat(told.today()).contains(LocalDate.of(2027, 5, 15));
  }

  @Test
  void ofTwoTheLastHolds() {
    assertThat(Options.of("--port=1", "--demo", "--port=2").port()).isEqualTo(2);
  }

  @Test
  void aValueMayStandBehindItsName() {
    assertThat(Options.of("--port", "9000", "--demo").port()).isEqualTo(9000);
  }

  @Test
  void aFolderMayHaveAnEqualsSignInItsName() {
    assertThat(Options.of("--data=/plants/a=b").data()).isEqualTo(Path.of("/plants/a=b"));
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 65_535})
  void everyPortThatThereIs(int port) {
    assertThat(Options.of("--port=" + port).port()).isEqualTo(port);
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "--port=65536, is not a port",
    "--port=-1, is not a port",
    "--port=eighty, is not a port",
    "--port=8 484, is not a port",
    "--port=, --port needs a value",
    "--port, Missing required parameter",
    "--today=tomorrow, is not a day",
    "--today=2027-02-30, is not a day",
    "--today=2027-5-1, is not a day",
    "--today=9999-12-31, lies too far off",
    "--today=0001-01-01, lies too far off",
    "--today, Missing required parameter",
    "--data, Missing required parameter",
    "'--data=  ', --data needs a value",
    "--host=, --host needs a value",
    "--colour=blue, --colour=blue is not an option",
    "demo, demo is not an option",
    "--Demo, --Demo is not an option"
  })
  void whatCannotBeUnderstoodIsSaid(String option, String words) {
    assertThatThrownBy(() -> Options.of(option))
        .isInstanceOf(StartRefused.class)
        .hasMessageContaining(words);
  }

  @Test
  void aHostThatIsNoneOfThisMachineOpensToNobody() {
    for (var bad : List.of("no-such-name.invalid", "192.0.2.77", "300.1.2.3")) {
      assertThatThrownBy(() -> Options.of("--host=" + bad))
          .as(bad)
          .isInstanceOf(StartRefused.class)
          .hasMessageContaining("no address of this machine");
    }
    for (var good : List.of("0.0.0.0", "::", "127.0.0.1", "localhost")) {
      assertThat(Options.of("--host=" + good).host()).isEqualTo(good);
    }
  }
}
