package almanac.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.kinds.Warmth;
import almanac.core.medium.Temperatures;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Roots grow as fast as light and warmth let them. */
class GrowthPaceTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate MAY = LocalDate.of(2027, 5, 1);
  private static final LocalDate DECEMBER = LocalDate.of(2027, 12, 1);

  private static GrowthPace pace(
      double latitude, OptionalDouble lamps, Optional<Temperatures> means) {
    var conditions = new Conditions(LightYear.at(latitude), lamps, means);
    return GrowthPace.at(conditions, Warmth.INTERMEDIATE, FIGURES);
  }

  private static double fourWeeks(GrowthPace pace, LocalDate from) {
    return pace.weeks(from, from.plusWeeks(4));
  }

  @Test
  void inLongDaysAWeekIsAWeek() {
    var sun = pace(56, OptionalDouble.empty(), Optional.empty());
    assertThat(fourWeeks(sun, MAY)).isCloseTo(4, within(1e-9));
  }

  @Test
  void inTheDarkItIsHalfAndUnderLampsItIsNot() {
    var sun = pace(56, OptionalDouble.empty(), Optional.empty());
    assertThat(fourWeeks(sun, DECEMBER)).isCloseTo(2, within(0.01));
    var lit = pace(56, OptionalDouble.of(14), Optional.empty());
    assertThat(fourWeeks(lit, DECEMBER)).isCloseTo(4, within(1e-9));
    var south = pace(-56, OptionalDouble.empty(), Optional.empty());
    assertThat(fourWeeks(south, DECEMBER)).isCloseTo(4, within(1e-9));
  }

  @Test
  void tenDegreesUnderTheMiddleOfItsKindIsHalf() {
    var cold = pace(56, OptionalDouble.empty(), Optional.of(Temperatures.steady(11)));
    assertThat(fourWeeks(cold, MAY)).isCloseTo(2, within(1e-9));
    var warm = pace(56, OptionalDouble.empty(), Optional.of(Temperatures.steady(26)));
    assertThat(fourWeeks(warm, MAY)).isCloseTo(4, within(1e-9));
  }

  @Test
  void howeverColdItGoesOnALittle() {
    var frozen = pace(56, OptionalDouble.empty(), Optional.of(Temperatures.steady(-10)));
    assertThat(fourWeeks(frozen, DECEMBER)).isCloseTo(0.6, within(0.01));
  }

  @Test
  void theDayAfterSoManyWeeksIsTheFirstOnWhichTheyAreOver() {
    var sun = pace(56, OptionalDouble.empty(), Optional.of(Temperatures.between(12, 22)));
    int tried = 0;
    for (var from = MAY; from.isBefore(MAY.plusYears(2)); from = from.plusDays(13)) {
      for (double weeks = 0.1; weeks < 80; weeks *= 2) {
        var day = sun.after(from, weeks);
        assertThat(sun.weeks(from, day)).isGreaterThanOrEqualTo(weeks - 1e-6);
        assertThat(sun.weeks(from, day.minusDays(1))).isLessThan(weeks);
        tried++;
      }
    }
    assertThat(tried).isGreaterThan(500);
    assertThat(sun.after(MAY, 1e9)).isEqualTo(MAY.plusYears(10));
    assertThat(sun.weeks(MAY, MAY.minusDays(1))).isZero();
  }

  @Test
  void atItsFullPaceDaysAreDaysInLeapYearsToo() {
    var pace = GrowthPace.full();
    var day = LocalDate.of(2028, 2, 20);
    assertThat(pace.after(day, 4)).isEqualTo(day.plusDays(29));
    assertThat(pace.after(MAY, 4)).isEqualTo(MAY.plusDays(28));
  }
}
