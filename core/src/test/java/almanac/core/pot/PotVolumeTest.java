package almanac.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PotVolumeTest {
  @ParameterizedTest(name = "{0} mm wide, {1} mm deep: {2} ml")
  @CsvSource({"100, 90, 575", "120, 108, 993", "150, 135, 1940"})
  void aPotIsATruncatedCone(double rim, double depth, double ml) {
    assertThat(PotVolume.of(rim, depth, Figures.standard()).holdsMl()).isCloseTo(ml, within(1.0));
  }

  @Test
  void aStraightPotIsACylinder() {
    var straight = Figures.standard().with(PottingFigures.TAPER, 100);
    assertThat(PotVolume.of(100, 100, straight).holdsMl())
        .isCloseTo(Math.PI * 50 * 50 * 100 / 1000, within(1e-9));
  }

  @Test
  void theMixSettles() {
    var pot = PotVolume.of(120, 108, Figures.standard());
    assertThat(pot.mixMl() / pot.holdsMl()).isCloseTo(1.12, within(1e-9));
  }

  @Test
  void aPotTwiceAsLargeEachWayHoldsEightTimesAsMuch() {
    var small = PotVolume.of(70, 60, Figures.standard());
    var large = PotVolume.of(140, 120, Figures.standard());
    assertThat(large.holdsMl()).isCloseTo(8 * small.holdsMl(), within(1e-6));
  }

  /** Disc upon disc, the floor as the taper says and each a little wider than the one below. */
  private static double discs(double rim, double depth, double upTo) {
    double floor = rim * Figures.standard().of(PottingFigures.TAPER) / 100;
    int discs = 20_000;
    double ml = 0;
    for (int i = 0; i < discs; i++) {
      double at = upTo * (i + 0.5) / discs;
      double across = floor + (rim - floor) * at / depth;
      ml += Math.PI / 4 * across * across * upTo / discs / 1000;
    }
    return ml;
  }

  @Test
  void upToAHeightItHoldsWhatItsDiscsHold() {
    var pot = new Pot(PotType.PLASTIC, 120.0, 108.0, "");
    for (var mm : new double[] {0, 20, 54, 108}) {
      assertThat(PotVolume.upTo(pot, mm, Figures.standard()))
          .as("%s mm", mm)
          .isCloseTo(discs(120, 108, mm), within(0.01));
    }
    assertThat(PotVolume.upTo(pot, 108, Figures.standard()))
        .isCloseTo(PotVolume.of(120, 108, Figures.standard()).holdsMl(), within(1e-9));
  }
}
