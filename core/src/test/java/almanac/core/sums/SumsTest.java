package almanac.core.sums;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.refusals.Refused;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SumsTest {
  private static final Figures FIGURES = Figures.standard();

  @Test
  void sixPerCentPeroxideAndWaterInEqualPartsMakeThree() {
    var mixed = Dilution.of(Substance.PEROXIDE, Use.PLANT, 6, 3, 500, FIGURES);
    assertThat(mixed).isEqualTo(new Dilution(250, 250));
  }

  @ParameterizedTest(name = "{0}: {1} is {2}")
  @CsvSource({
    "MM_INCHES, 254, 10",
    "LITRES_GALLONS, 3.785412, 1",
    "CELSIUS_FAHRENHEIT, 100, 212",
    "CELSIUS_FAHRENHEIT, -40, -40",
    "GRAMS_OUNCES, 28.34952, 1"
  })
  void unitsAreReckonedIntoEachOther(Conversion conversion, double ours, double theirs) {
    assertThat(conversion.forth(ours)).isCloseTo(theirs, within(1e-9));
    assertThat(conversion.back(theirs)).isCloseTo(ours, within(1e-9));
  }

  @Test
  void rootsReachALengthInTime() {
    assertThat(RootReach.days(4, 25, 7)).isEqualTo(21);
    assertThatThrownBy(() -> RootReach.days(30, 25, 7)).hasMessageContaining("longer than that");
    assertThatThrownBy(() -> RootReach.days(0, 25, 0)).hasMessageContaining("over 0");
  }

  /** What is in it before is in it afterwards, and it is as much as was wanted. */
  @Test
  void nothingIsLostByDiluting() {
    var random = new Random(3);
    for (int i = 0; i < 1000; i++) {
      double stock = 1 + 99 * random.nextDouble();
      double wanted = stock * (0.001 + 0.999 * random.nextDouble());
      double ml = 1 + 9999 * random.nextDouble();
      var mixed = Dilution.of(Substance.OTHER, Use.FEED, stock, wanted, ml, FIGURES);
      assertThat(mixed.stockMl() + mixed.waterMl()).isCloseTo(ml, within(1e-6));
      assertThat(mixed.stockMl() * stock).isCloseTo(ml * wanted, within(1e-6 * ml * stock));
      assertThat(mixed.waterMl()).isNotNegative();
    }
  }

  @ParameterizedTest(name = "{0} on {1}, {2} % to {3} %: {4}")
  @CsvSource({
    "PEROXIDE, PLANT, 6, 3.5, wantedPercent",
    "PEROXIDE, PLANT, 12, 3, stockPercent",
    "PEROXIDE, PLANT, 6.5, 0.5, stockPercent",
    "PEROXIDE, PLANT, 6, 3,",
    "PEROXIDE, PLANT, 3, 3,",
    "PEROXIDE, TOOLS, 12, 6,",
    "ALCOHOL, PLANT, 96, 70, use",
    "ALCOHOL, TOOLS, 96, 70,",
    "BLEACH, PLANT, 5, 0.5, use",
    "BLEACH, TOOLS, 5, 0.5,",
    "OTHER, FEED, 3, 6, wantedPercent",
    "OTHER, FEED, 0, 1, stockPercent",
    "OTHER, FEED, 101, 1, stockPercent"
  })
  void whatIsImpossibleOrUnsafeIsRefused(
      Substance what, Use use, double stock, double wanted, String field) {
    if (field == null) {
      assertThat(Dilution.of(what, use, stock, wanted, 100, FIGURES).stockMl()).isPositive();
      return;
    }
    assertThatThrownBy(() -> Dilution.of(what, use, stock, wanted, 100, FIGURES))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field().key()).isEqualTo(field));
  }

  @Test
  void feedIsDosedByWaterAndStrengthAndToldInPartsPerMillion() {
    assertThat(Feed.dose(1, 5, 0.5)).isEqualTo(2.5);
    assertThat(Feed.ppm(0.5, 20)).as("half a gram of 20 % nitrogen").isEqualTo(100);
    assertThatThrownBy(() -> Feed.dose(1, 5, 3)).hasMessageContaining("twice what the label says");
    assertThatThrownBy(() -> Feed.ppm(1, 0)).hasMessageContaining("Give a number over 0");
  }

  private static void refused(
      org.assertj.core.api.ThrowableAssert.ThrowingCallable sum, String field) {
    assertThatThrownBy(sum)
        .isInstanceOfSatisfying(
            Refused.class, bad -> assertThat(bad.field().key()).isEqualTo(field));
  }

  @Test
  void eachEntryOfASumHasItsBounds() {
    assertThat(Dilution.of(Substance.OTHER, Use.FEED, 100, 100, 100_000, FIGURES).waterMl())
        .isZero();
    refused(() -> Dilution.of(Substance.OTHER, Use.FEED, 5, 0, 10, FIGURES), "wantedPercent");
    refused(() -> Dilution.of(Substance.OTHER, Use.FEED, 5, 1, 0, FIGURES), "wantedMl");
    refused(() -> Dilution.of(Substance.OTHER, Use.FEED, 5, 1, 100_001, FIGURES), "wantedMl");
    assertThat(Feed.dose(100, 1000, 2)).isEqualTo(200_000);
    refused(() -> Feed.dose(0, 5, 1), "perLitre");
    refused(() -> Feed.dose(101, 5, 1), "perLitre");
    refused(() -> Feed.dose(1, 0, 1), "litres");
    refused(() -> Feed.dose(1, 1001, 1), "litres");
    refused(() -> Feed.dose(1, 5, Double.NaN), "strength");
    refused(() -> Feed.ppm(0, 20), "gramsPerLitre");
    refused(() -> Feed.ppm(101, 20), "gramsPerLitre");
    refused(() -> Feed.ppm(1, 101), "labelPercent");
    assertThat(RootReach.days(0, 2000, 60)).isCloseTo(2000 / 60.0 * 7, within(1e-9));
    assertThat(RootReach.days(25, 25, 7)).isZero();
    refused(() -> RootReach.days(-1, 25, 7), "nowMm");
    refused(() -> RootReach.days(0, 2001, 7), "wantedMm");
    refused(() -> RootReach.days(0, 25, 61), "mmAWeek");
  }
}
