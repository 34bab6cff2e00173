package almanac.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.figures.Figures;
import almanac.core.kinds.StandardKinds;
import almanac.core.refusals.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A pot as it is noted and said, and how deep a plant is set in it. */
class PotTest {
  private static final Figures FIGURES = Figures.standard();

  @ParameterizedTest
  @CsvSource({
    "20, 1000,",
    "19.9, 100, diameterMm",
    "1000.1, 100, diameterMm",
    "NaN, 100, diameterMm",
    "100, 19.9, depthMm",
    "100, 1000.1, depthMm"
  })
  void aPotHasAMeasureThatThereIs(double across, double depth, String field) {
    if (field == null) {
      assertThat(new Pot(PotType.CLAY, across, depth, "").noted()).isTrue();
      return;
    }
    assertThatThrownBy(() -> new Pot(PotType.CLAY, across, depth, ""))
        .isInstanceOfSatisfying(
            Refused.class, bad -> assertThat(bad.field().key()).isEqualTo(field));
  }

  @Test
  void anythingThatIsKnownOfItIsNoted() {
    assertThat(Pot.NOT_NOTED.noted()).isFalse();
    assertThat(new Pot(PotType.CLAY, null, null, "").noted()).isTrue();
    assertThat(new Pot(PotType.UNKNOWN, 120.0, null, "").noted()).isTrue();
  }

  @Test
  void itIsSaidAsFarAsItIsKnown() {
    assertThat(new Pot(PotType.CLEAR, null, 90.0, "").said()).hasToString("clear pot");
    var whole = new Pot(PotType.CLEAR, 120.0, 108.0, "gravel");
    assertThat(whole.said()).hasToString("clear pot, 120 mm");
    assertThat(whole.saidInFull(FIGURES)).hasToString("clear pot, 120 mm, holds 993 ml");
    var shallow = new Pot(PotType.CLEAR, 120.0, null, "");
    assertThat(shallow.holds(FIGURES)).isEmpty();
    assertThat(shallow.saidInFull(FIGURES)).hasToString("clear pot, 120 mm");
    assertThat(whole.bare()).isEqualTo(new Pot(PotType.CLEAR, 120.0, 108.0, ""));
  }

  @ParameterizedTest
  @CsvSource({
    "paphiopedilum, BASE_COVERED",
    "phalaenopsis, LOWEST_LEAF",
    "vanda, LOWEST_LEAF",
    "oncidium, LEAD_IN_SURFACE",
    "encyclia, LEAD_IN_SURFACE"
  })
  void howDeepAPlantIsSetFollowsFromHowItGrows(String kind, SetDepth depth) {
    assertThat(SetDepth.of(StandardKinds.named(kind).orElseThrow())).isEqualTo(depth);
    assertThat(depth.why()).endsWith(".");
  }

  @Test
  void aGrowthStandsWithinTwoMetresOfTheMiddle() {
    assertThat(new Spot(-2000, 2000).mm()).isGreaterThan(2000);
    for (var bad : new double[][] {{2000.1, 0}, {-2000.1, 0}, {0, 2000.1}, {0, Double.NaN}}) {
      assertThatThrownBy(() -> new Spot(bad[0], bad[1])).isInstanceOf(Refused.class);
    }
  }
}
