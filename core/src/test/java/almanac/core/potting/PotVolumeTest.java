package almanac.core.potting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.pot.PotVolume;
import almanac.core.pot.PottingFigures;
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
}
