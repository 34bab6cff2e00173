package almanac.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.refusals.Refused;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Volumes against closed forms. */
class FillingTest {
  private static final Figures FIGURES = Figures.standard();

  private static final Figures STRAIGHT =
      FIGURES.with(PottingFigures.TAPER, 100).with(PottingFigures.SETTLING, 0);

  private static Pot pot(double across, double depth) {
    return new Pot(PotType.PLASTIC, across, depth, "");
  }

  private static double cylinder(double across, double high) {
    return Math.PI * across * across / 4 * high / 1000;
  }

  @Test
  void inAStraightPotEveryLayerIsACylinder() {
    var filling = Filling.of(pot(100, 90), 50, 15, 10, STRAIGHT);
    assertThat(filling.bottomMl()).isCloseTo(cylinder(100, 15), within(1e-9));
    assertThat(filling.topMl()).isCloseTo(cylinder(100, 10), within(1e-9));
    assertThat(filling.mixMl()).isCloseTo(cylinder(100, 65) - 50, within(1e-9));
  }

  @Test
  void inATaperedPotTheLayersMakeUpTheWhole() {
    var still = FIGURES.with(PottingFigures.SETTLING, 0);
    var filling = Filling.of(pot(150, 130), 300, 15, 10, still);
    assertThat(filling.bottomMl() + filling.mixMl() + filling.topMl() + filling.ballMl())
        .isCloseTo(filling.holdsMl(), within(1e-9));
    // The foot is narrower than the rim.
    assertThat(filling.bottomMl() / 15).isLessThan(filling.topMl() / 10);
  }

  @Test
  void looseMixSettles() {
    var still = Filling.of(pot(150, 130), 0, 0, 0, FIGURES.with(PottingFigures.SETTLING, 0));
    var settling = Filling.of(pot(150, 130), 0, 0, 0, FIGURES.with(PottingFigures.SETTLING, 15));
    assertThat(settling.mixMl() / still.mixMl()).isCloseTo(1.15, within(1e-9));
  }

  @Test
  void aPotSmallerThanTheBallIsRefused() {
    double ball = Ball.WHOLE.ml(pot(150, 130), FIGURES);
    assertThatThrownBy(() -> Filling.of(pot(120, 100), ball, 0, 0, FIGURES))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field().key()).isEqualTo("diameterMm"))
        .hasMessageContaining("take a larger pot");
    assertThatThrownBy(() -> Filling.of(pot(120, 20), 0, 15, 10, FIGURES))
        .hasMessage("The layers leave no room for the mix.");
  }

  @Test
  void aBallTakesLessTheMoreIsTakenOffIt() {
    var old = pot(120, 108);
    assertThat(Ball.WHOLE.ml(old, FIGURES)).isCloseTo(993, within(1.0));
    assertThat(Ball.HALF.ml(old, FIGURES)).isCloseTo(993 / 2.0, within(1.0));
    assertThat(Ball.BARE.ml(old, FIGURES)).isCloseTo(99.3, within(1.0));
    assertThat(Ball.WHOLE.ml(Pot.NOT_NOTED, FIGURES)).isZero();
  }

  @Test
  void portionsAreInPartsByVolume() {
    var mix = new Mix(Map.of(Component.BARK_FINE, 3.0, Component.PERLITE, 1.0));
    assertThat(Portions.of(mix, 1100))
        .containsEntry(Component.BARK_FINE, 825.0)
        .containsEntry(Component.PERLITE, 275.0);
  }

  @Test
  void partsStayAsTheyAreInCups() {
    var three = Mix.of(Component.BARK_FINE).and(Component.BARK_FINE, 2).and(Component.PERLITE, 1);
    assertThat(Portions.measured(three, 876, FIGURES).values())
        .extracting(MeasuredVolume::words)
        .containsExactlyInAnyOrder("3 cups", "1 cup");
    assertThat(Portions.measured(three, 430, FIGURES).values())
        .extracting(MeasuredVolume::words)
        .containsExactlyInAnyOrder("1½ cups", "½ cup");
    var many = Mix.of(Component.BARK_FINE).and(Component.BARK_FINE, 8).and(Component.PERLITE, 1);
    assertThat(Portions.measured(many, 700, FIGURES).values())
        .as("a tenth of it would be far too much")
        .extracting(MeasuredVolume::words)
        .containsExactlyInAnyOrder("3 cups", "½ cup");
    var odd = Mix.of(Component.BARK_FINE).and(Component.PERLITE, 0.5);
    assertThat(Portions.measured(odd, 300, FIGURES).values())
        .as("half a part is whole too")
        .extracting(MeasuredVolume::words)
        .containsExactlyInAnyOrder("1 cup", "½ cup");
  }

  @ParameterizedTest(name = "{0} ml: {1}")
  @CsvSource({
    "0, nothing",
    "10, ½ cup",
    "125, ½ cup",
    "250, 1 cup",
    "260, 1½ cups",
    "900, 1 jug",
    "1000, 1 jug",
    "2300, 2 jugs and 1½ cups"
  })
  void itIsMeasuredOutInJugsAndCups(double ml, String words) {
    assertThat(MeasuredVolume.of(ml, FIGURES).words()).isEqualTo(words);
  }

  @Test
  void twoFillingsTogetherAreTheirSums() {
    assertThat(new Filling(1, 2, 3, 4, 5).and(new Filling(10, 20, 30, 40, 50)))
        .isEqualTo(new Filling(11, 22, 33, 44, 55));
    assertThat(Filling.NOTHING.and(new Filling(1, 2, 3, 4, 5)))
        .isEqualTo(new Filling(1, 2, 3, 4, 5));
  }

  @Test
  void aBallThatJustFitsFitsAndLayersLeaveRoom() {
    var figures = Figures.standard();
    var pot = new Pot(PotType.CLAY, 120.0, 100.0, "");
    double holds = PotVolume.upTo(pot, 100, figures);
    assertThat(Filling.of(pot, holds, 0, 0, figures).mixMl()).isZero();
    assertThat(Filling.holds(pot, holds, 0, 0, figures)).isTrue();
    assertThat(Filling.holds(pot, holds + 0.1, 0, 0, figures)).isFalse();
    assertThatThrownBy(() -> Filling.of(pot, holds + 0.1, 0, 0, figures))
        .isInstanceOf(Refused.class);
    assertThatThrownBy(() -> Filling.of(pot, -0.1, 0, 0, figures)).isInstanceOf(Refused.class);
    assertThat(Filling.holds(pot, 0, 50, 49, figures)).isTrue();
    for (var layers : new double[][] {{50, 50}, {-1, 0}, {0, -1}}) {
      assertThat(Filling.holds(pot, 0, layers[0], layers[1], figures)).isFalse();
      assertThatThrownBy(() -> Filling.of(pot, 0, layers[0], layers[1], figures))
          .hasMessageContaining("leave no room");
    }
  }
}
