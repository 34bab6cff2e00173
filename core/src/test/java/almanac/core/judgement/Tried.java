package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.judgement.evidence.Situation;
import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import java.time.Month;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.Set;

/**
 * Counts how often the case that a law is about occurred; a law that was never tried holds nothing.
 */
final class Tried {
  private final Set<String> kinds = new LinkedHashSet<>();
  private final Set<Month> months = EnumSet.noneOf(Month.class);
  private int times;

  /** It occurred. */
  void on(Situation situation) {
    times++;
    kinds.add(situation.kind().key());
    months.add(situation.today().getMonth());
  }

  /** It occurred with every kind and in every month. */
  void everywhere() {
    assertThat(kinds)
        .as("kinds it was tried with, %d times", times)
        .containsExactlyInAnyOrderElementsOf(
            StandardKinds.standard().stream().map(Kind::key).toList());
    theWholeYear();
  }

  /** It occurred in every month, at least so often in all. */
  void theWholeYear() {
    assertThat(months).as("months it was tried in, %d times", times).hasSize(12);
  }

  /** It occurred at least so often. */
  void atLeast(int often) {
    assertThat(times).as("how often it was tried").isGreaterThanOrEqualTo(often);
  }
}
