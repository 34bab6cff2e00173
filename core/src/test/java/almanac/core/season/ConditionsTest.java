package almanac.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.kinds.Warmth;
import almanac.core.medium.Temperatures;
import almanac.core.trials.TrialFigures;
import java.time.LocalDate;
import java.time.Month;
import java.util.EnumMap;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whether light and warmth carry a plant after a move. */
class ConditionsTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate JANUARY = LocalDate.of(2027, 1, 10);

  private static Conditions sill(double latitude) {
    return new Conditions(LightYear.at(latitude), OptionalDouble.empty(), Optional.empty());
  }

  private static Conditions lit(double hours) {
    return new Conditions(LightYear.at(56), OptionalDouble.of(hours), Optional.empty());
  }

  private static Conditions steady(double degrees) {
    return new Conditions(
        LightYear.at(0), OptionalDouble.empty(), Optional.of(Temperatures.steady(degrees)));
  }

  @ParameterizedTest(name = "{0}° on {1}: lacks {2}")
  @CsvSource({
    "56, 2027-01-10, LIGHT",
    "56, 2027-05-15,",
    "-34, 2027-01-10,",
    "-34, 2027-06-20, LIGHT",
    "71, 2027-12-21, LIGHT",
    "71, 2027-06-21,"
  })
  void theSunLeadsOnASill(double latitude, LocalDate day, Lack lack) {
    assertThat(sill(latitude).lacks(day, Warmth.WARM, FIGURES))
        .isEqualTo(Optional.ofNullable(lack));
  }

  @ParameterizedTest(name = "{0} h of lamps: lacks {1}")
  @CsvSource({"10, LIGHT", "12,", "16,"})
  void lampsCarryTheDarkMonthsIfTheyBurnLongEnough(double hours, Lack lack) {
    assertThat(lit(hours).lacks(JANUARY, Warmth.COOL, FIGURES))
        .isEqualTo(Optional.ofNullable(lack));
  }

  @ParameterizedTest(name = "a warm grower at {0} °C: lacks {1}")
  @CsvSource({"17.9, COLD", "18,", "32,", "32.1, HEAT"})
  void warmthIsMeasuredAgainstTheKind(double degrees, Lack lack) {
    assertThat(steady(degrees).lacks(LocalDate.of(2027, 5, 15), Warmth.WARM, FIGURES))
        .isEqualTo(Optional.ofNullable(lack));
  }

  @Test
  void theDayIsFoundFromWhichTheGateIsOpen() {
    var sill = sill(56);
    var day = sill.gateOpensFrom(JANUARY, Warmth.WARM, FIGURES).orElseThrow();
    assertThat(sill.hoursOn(day)).isGreaterThanOrEqualTo(11);
    assertThat(sill.hoursOn(day.minusDays(1))).isLessThan(11);
  }

  @Test
  void aColdMarchPutsTheDayOff() {
    var means = new EnumMap<Month, Double>(Month.class);
    for (var month : Month.values()) {
      means.put(month, month.getValue() < 5 ? 8.0 : 20.0);
    }
    var cold =
        new Conditions(
            LightYear.at(56), OptionalDouble.empty(), Optional.of(Temperatures.of(means)));
    assertThat(cold.gateOpensFrom(JANUARY, Warmth.COOL, FIGURES))
        .as("twelve degrees in the thirty days from 16 April")
        .contains(LocalDate.of(2027, 4, 21));
    assertThat(steady(8).gateOpensFrom(JANUARY, Warmth.COOL, FIGURES)).isEmpty();
  }

  @Test
  void theGateStandsOpenUntilTheDaysAreTooShort() {
    var sill = sill(56);
    var august = LocalDate.of(2027, 8, 20);
    var last = sill.gateOpenUntil(august, Warmth.WARM, FIGURES).orElseThrow();
    assertThat(sill.hoursOn(last)).isGreaterThanOrEqualTo(11);
    assertThat(sill.hoursOn(last.plusDays(1))).isLessThan(11);
    assertThat(sill.gateOpenUntil(JANUARY, Warmth.WARM, FIGURES)).isEmpty();
    assertThat(lit(14).gateOpenUntil(august, Warmth.WARM, FIGURES)).isEmpty();
  }

  /** The season is a slope: between ten hours and twelve each minute counts the same. */
  @Test
  void aLaterDayOfTheSameSpringNeverLacksMoreLight() {
    int between = 0;
    for (double latitude : new double[] {-56, -34, 20, 45, 56, 63}) {
      var sill = sill(latitude);
      var start = LocalDate.of(2027, latitude > 0 ? 1 : 7, 1);
      double before = 1;
      for (int day = 0; day < 150; day++) {
        double missing = sill.lightMissing(start.plusDays(day), FIGURES);
        assertThat(missing).isBetween(0.0, before + 1e-3);
        between += missing > 0 && missing < 1 ? 1 : 0;
        before = missing;
      }
    }
    assertThat(between).isGreaterThan(100);
  }

  @Test
  void warmForItsKindBeginsAQuarterIntoItsRange() {
    assertThat(steady(21.4).warm(JANUARY, Warmth.WARM, FIGURES)).isFalse();
    assertThat(steady(21.5).warm(JANUARY, Warmth.WARM, FIGURES)).isTrue();
    assertThat(steady(33).warm(JANUARY, Warmth.WARM, FIGURES)).isFalse();
    assertThat(sill(56).warm(JANUARY, Warmth.WARM, FIGURES)).as("nobody measured").isFalse();
  }

  private static Conditions polarNight(double lampHours) {
    return new Conditions(LightYear.at(90), OptionalDouble.of(lampHours), Optional.empty());
  }

  private static final LocalDate DECEMBER = LocalDate.of(2027, 12, 6);

  @Test
  void lightIsMissingBetweenTooLittleAndEnough() {
    double enough = FIGURES.of(SeasonFigures.LEAST_LIGHT);
    double none = FIGURES.of(SeasonFigures.NO_LIGHT);
    assertThat(polarNight(enough).lightMissing(DECEMBER, FIGURES)).isZero();
    assertThat(polarNight(none).lightMissing(DECEMBER, FIGURES)).isEqualTo(1);
    assertThat(polarNight((enough + none) / 2).lightMissing(DECEMBER, FIGURES))
        .isCloseTo(0.5, within(1e-9));
    assertThat(polarNight(enough - 0.1).lightMissing(DECEMBER, FIGURES)).isPositive();
  }

  @Test
  void theGateIsOpenFromItsHoursOn() {
    double hours = FIGURES.of(SeasonFigures.GATE);
    assertThat(polarNight(hours).gateOpen(DECEMBER, Warmth.WARM, FIGURES)).isTrue();
    assertThat(polarNight(hours - 0.1).gateOpen(DECEMBER, Warmth.WARM, FIGURES)).isFalse();
  }

  @Test
  void otherFiguresOfTheSeasonAreNotForgottenForThoseAskedBefore() {
    double hours = FIGURES.of(SeasonFigures.GATE);
    var place = polarNight(hours);
    var later = FIGURES.with(SeasonFigures.GATE, hours + 1);
    var pace = place.pace(Warmth.WARM, FIGURES);
    var elsewhere = FIGURES.with(TrialFigures.LOOK_EVERY, FIGURES.of(TrialFigures.LOOK_EVERY) + 1);
    assertThat(place.pace(Warmth.WARM, elsewhere)).isSameAs(pace);
    assertThat(place.gateOpen(DECEMBER, Warmth.WARM, later)).isFalse();
    assertThat(place.gateOpen(DECEMBER, Warmth.WARM, FIGURES)).isTrue();
  }

  /** By the dark pace and the hours above dark, up to a full day's light. */
  @Test
  void rootsGrowAsFastAsTheirLightAllows() {
    double least = FIGURES.of(SeasonFigures.LEAST_LIGHT);
    double dark = FIGURES.of(SeasonFigures.DARK);
    double inTheDark = FIGURES.of(SeasonFigures.DARK_PACE) / 100;
    for (double share : new double[] {0, 0.25, 0.5, 1}) {
      double week =
          polarNight(dark + share * (least - dark))
              .pace(Warmth.WARM, FIGURES)
              .weeks(DECEMBER, DECEMBER.plusDays(7));
      assertThat(week).as("%s", share).isCloseTo(inTheDark + share * (1 - inTheDark), within(1e-9));
    }
    assertThat(
            polarNight(least + 5).pace(Warmth.WARM, FIGURES).weeks(DECEMBER, DECEMBER.plusDays(7)))
        .isCloseTo(1, within(1e-9));
  }

  @Test
  void twoPlacesAlikeAreOne() {
    var light = LightYear.at(56);
    var one = new Conditions(light, OptionalDouble.of(12), Optional.empty());
    assertThat(one)
        .isEqualTo(new Conditions(light, OptionalDouble.of(12), Optional.empty()))
        .hasSameHashCodeAs(new Conditions(light, OptionalDouble.of(12), Optional.empty()))
        .isNotEqualTo(new Conditions(light, OptionalDouble.of(13), Optional.empty()))
        .isNotEqualTo(
            new Conditions(light, OptionalDouble.of(12), Optional.of(Temperatures.steady(20))))
        .isNotEqualTo(new Conditions(LightYear.at(57), OptionalDouble.of(12), Optional.empty()));
    assertThat(one.light()).isSameAs(light);
    assertThat(one.lampHours()).hasValue(12);
    assertThat(one.hashCode()).isNotZero();
    assertThat(one.pace(Warmth.WARM, FIGURES))
        .isSameAs(one.pace(Warmth.WARM, FIGURES))
        .isEqualTo(GrowthPace.at(one, Warmth.WARM, FIGURES))
        .hasSameHashCodeAs(GrowthPace.at(one, Warmth.WARM, FIGURES))
        .isNotEqualTo(polarNight(7).pace(Warmth.WARM, FIGURES));
  }
}
