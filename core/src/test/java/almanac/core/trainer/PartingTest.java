package almanac.core.trainer;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.judgement.verdict.Asks;
import almanac.core.trainer.Parting.Held;
import almanac.core.words.Sentence;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Where two opinions part. */
class PartingTest {
  private static List<String> parts(Held theirs, Held ours) {
    return Parting.of(theirs, ours).stream().map(Sentence::toString).toList();
  }

  @Test
  void whoAgreesPartsInNothing() {
    var held = new Held(Asks.MOVE, "fresh medium", List.of("Smell", "Newest roots"));
    var turned = new Held(Asks.MOVE, "fresh medium", List.of("Newest roots", "Smell"));
    assertThat(parts(held, turned)).isEmpty();
  }

  @Test
  void whatIsDoneIsSaidBeforeHowAndOnWhichLooks() {
    var theirs = new Held(Asks.MOVE, "fresh medium", List.of("Smell"));
    var ours = new Held(Asks.WAIT, "the ball whole", List.of("Newest roots"));
    assertThat(parts(theirs, ours))
        .containsExactly(
            "They would move it now; yours would move it later.",
            "Only theirs rests on this look: Smell.",
            "Only yours rests on this look: Newest roots.");
    assertThat(parts(theirs, new Held(Asks.MOVE, "the ball whole", List.of("Smell"))))
        .containsExactly("Both would move it now, but not in the same way.");
  }
}
