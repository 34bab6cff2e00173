package almanac.core.medium;

import static almanac.core.medium.Component.BARK_FINE;
import static almanac.core.medium.Component.BARK_MEDIUM;
import static almanac.core.medium.Component.COCONUT_FIBRE;
import static almanac.core.medium.Component.MOUNT;
import static almanac.core.medium.Component.PERLITE;
import static almanac.core.medium.Component.PUMICE;
import static almanac.core.medium.Component.SPHAGNUM_BEST;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.refusals.Refused;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MixTest {
  private static final Figures FIGURES = Figures.standard();

  private static double monthsOf(Component component) {
    return FIGURES.of(component.life().orElseThrow());
  }

  @Test
  void aMixIsSaidWithItsLargestPartFirst() {
    assertThat(Mix.of(PERLITE).and(BARK_MEDIUM, 3).words())
        .isEqualTo(BARK_MEDIUM.words() + " 3 : " + PERLITE.words() + " 1");
    assertThat(Mix.of(PUMICE).words()).isEqualTo(PUMICE.words());
    assertThat(Mix.of(SPHAGNUM_BEST).and(PERLITE, 0.5).words()).endsWith(PERLITE.words() + " 0.5");
  }

  @Test
  void theSameComponentTwiceAddsUp() {
    assertThat(Mix.of(PUMICE).and(PUMICE, 2).parts()).containsExactly(Map.entry(PUMICE, 3.0));
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -1, 101, Double.NaN, Double.POSITIVE_INFINITY})
  void partsThatCannotBeMeasuredAreRefused(double parts) {
    assertThatThrownBy(() -> new Mix(Map.of(PUMICE, parts)))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field().key()).isEqualTo("mix"))
        .hasMessageContaining(PUMICE.words());
  }

  @Test
  void nothingIsNoMix() {
    assertThatThrownBy(() -> new Mix(Map.of())).isInstanceOf(Refused.class);
  }

  @Test
  void onlyWhatDecaysHasAClock() {
    assertThat(Mix.of(PUMICE).and(PERLITE, 1).inert()).isTrue();
    assertThat(Mix.of(PUMICE).useAMonth(FIGURES)).isZero();
    assertThat(Mix.of(PUMICE).and(BARK_FINE, 0.1).inert()).isFalse();
    assertThat(Mix.of(MOUNT).mounted()).isTrue();
    assertThat(Mix.of(MOUNT).and(SPHAGNUM_BEST, 1).mounted()).isFalse();
  }

  @Test
  void oneComponentAloneLastsAsLongAsItDoes() {
    assertThat(1 / Mix.of(BARK_MEDIUM).useAMonth(FIGURES))
        .isCloseTo(monthsOf(BARK_MEDIUM), within(1e-9));
  }

  @Test
  void theFastestOfAQuarterOrMoreGovernsTheWhole() {
    var quarter = Mix.of(COCONUT_FIBRE).and(PUMICE, 3);
    assertThat(1 / quarter.useAMonth(FIGURES)).isCloseTo(monthsOf(COCONUT_FIBRE), within(1e-9));
    var less = Mix.of(COCONUT_FIBRE).and(PUMICE, 4);
    assertThat(1 / less.useAMonth(FIGURES))
        .as("a fifth counts by volume")
        .isCloseTo(monthsOf(COCONUT_FIBRE) * 5, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3})
  void somethingFasterInThePlaceOfAPartNeverMakesAMixLastLonger(long seed) {
    var random = new Random(seed);
    var all = Component.values();
    for (int i = 0; i < 2000; i++) {
      var mix = Mix.of(all[random.nextInt(all.length)]);
      for (int parts = random.nextInt(4); parts > 0; parts--) {
        mix = mix.and(all[random.nextInt(all.length)], 0.5 + random.nextInt(6));
      }
      for (var replaced : mix.parts().keySet()) {
        var faster = all[random.nextInt(all.length)];
        if (use(faster) >= use(replaced)) {
          assertThat(with(mix, replaced, faster).useAMonth(FIGURES))
              .as("%s with %s for %s", mix.words(), faster.words(), replaced.words())
              .isGreaterThanOrEqualTo(mix.useAMonth(FIGURES) - 1e-12);
        }
      }
    }
  }

  private static double use(Component component) {
    return component.life().isPresent() ? 1 / monthsOf(component) : 0;
  }

  private static Mix with(Mix mix, Component old, Component other) {
    var parts = new HashMap<>(mix.parts());
    parts.merge(other, parts.remove(old), Double::sum);
    return new Mix(parts);
  }

  @Test
  void sharesAddUpToTheWhole() {
    var mix = Mix.of(BARK_FINE).and(PERLITE, 2).and(SPHAGNUM_BEST, 5);
    double all = mix.parts().keySet().stream().mapToDouble(mix::share).sum();
    assertThat(all).isCloseTo(1, within(1e-12));
    assertThat(mix.share(PERLITE)).isEqualTo(0.25);
    assertThat(mix.share(PUMICE)).isZero();
  }
}
