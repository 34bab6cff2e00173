package almanac.app.ground.network;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

/** Whoever guesses waits longer each time. */
class TriesTest {
  private final Tries tries = new Tries();
  private Instant now = Instant.parse("2026-11-26T08:00:00Z");

  private Duration wrong(String from) {
    tries.wrong(from, now);
    return tries.wait(from, now);
  }

  @Test
  void whoMistypesGoesOnAtOnceAndWhoGuessesWaitsLongerEachTime() {
    for (int i = 0; i < 4; i++) {
      assertThat(wrong("phone")).isZero();
    }
    assertThat(wrong("phone")).isEqualTo(Duration.ofSeconds(5));
    assertThat(wrong("phone")).isEqualTo(Duration.ofSeconds(10));
    assertThat(tries.wait("tablet", now)).isZero();
    for (int i = 0; i < 30; i++) {
      wrong("phone");
    }
    assertThat(tries.wait("phone", now)).isEqualTo(Duration.ofMinutes(15));
  }

  @Test
  void fromManyPlacesTheyAreNoFaster() {
    for (int i = 0; i < 120; i++) {
      wrong("place " + i);
    }
    assertThat(tries.wait("another place", now)).isPositive();
  }

  @Test
  void theOwnersNewPhoneDoesNotWaitForOthersWhoWereWrong() {
    for (int i = 0; i < 21; i++) {
      wrong("place " + i % 3);
    }
    assertThat(tries.wait("place 1", now)).isPositive();
    assertThat(tries.wait("new phone", now)).isZero();
    wrong("new phone");
    assertThat(tries.wait("new phone", now)).as("once it was wrong itself").isPositive();
    tries.forget();
    assertThat(tries.wait("new phone", now)).isZero();
    assertThat(tries.wait("place 1", now)).isZero();
  }

  @Test
  void theWaitEndsAndARestBeginsTheCountAnew() {
    for (int i = 0; i < 6; i++) {
      wrong("phone");
    }
    now = now.plusSeconds(11);
    assertThat(tries.wait("phone", now)).isZero();
    now = now.plus(Duration.ofHours(2));
    assertThat(wrong("phone")).isZero();
  }

  @Test
  void whoKnowsItHasNotGuessed() {
    for (int i = 0; i < 6; i++) {
      wrong("phone");
    }
    tries.right("phone");
    assertThat(tries.wait("phone", now)).isZero();
  }
}
