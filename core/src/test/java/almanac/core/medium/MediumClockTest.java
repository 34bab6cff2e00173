package almanac.core.medium;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MediumClockTest {
  private static final LocalDate POTTED = LocalDate.of(2025, 5, 15);
  private static final Figures FIGURES = Figures.standard();
  private static final Offset<Double> ABOUT = within(0.7);

  private static MediumClock clock(Mix mix, Moisture moisture, double degrees) {
    return new MediumClock(
        PottedOn.on(POTTED),
        POTTED,
        mix,
        moisture,
        Temperatures.steady(degrees),
        Optional.empty(),
        FIGURES);
  }

  private static double used(MediumClock clock, int months, MediumTest... tests) {
    return clock.usedOn(POTTED.plusMonths(months), List.of(tests)).orElseThrow().likely();
  }

  private static MediumTest felt(MediumPiece piece, int month) {
    return new MediumTest(POTTED.plusMonths(month), piece.band(FIGURES), piece.words());
  }

  @ParameterizedTest(name = "{0}, {1}, {2} °C for {3} months: {4} %")
  @CsvSource({
    "BARK_MEDIUM, DRIES_BETWEEN, 20, 12, 50",
    "BARK_MEDIUM, DRIES_BETWEEN, 20, 24, 100",
    "BARK_MEDIUM, DRIES_BETWEEN, 30, 12, 100",
    "BARK_MEDIUM, DRIES_BETWEEN, 10, 24, 50",
    "BARK_MEDIUM, DRIES_RIGHT_OUT, 20, 24, 80",
    "BARK_MEDIUM, ALWAYS_WET, 20, 12, 90",
    "SPHAGNUM_BASKET, KEPT_MOIST, 20, 9, 140",
    "TREE_FERN, DRIES_BETWEEN, 20, 48, 100"
  })
  void lifeIsUsedByMoistureAndWarmth(
      Component component, Moisture moisture, double degrees, int months, double percent) {
    assertThat(used(clock(Mix.of(component), moisture, degrees), months))
        .isCloseTo(percent, within(1.5));
  }

  @Test
  void alwaysWetBarkIsUsedUpAfterThirteenMonths() {
    var clock = clock(Mix.of(Component.BARK_MEDIUM), Moisture.ALWAYS_WET, 20);
    var spent = clock.reaches(100, POTTED, List.of()).orElseThrow();
    assertThat(YearMonth.from(spent)).isEqualTo(YearMonth.of(2026, 6));
  }

  @Test
  void warmMonthsCountMoreThanCoolOnes() {
    var means = new java.util.EnumMap<java.time.Month, Double>(java.time.Month.class);
    for (var month : java.time.Month.values()) {
      means.put(month, month.getValue() >= 4 && month.getValue() <= 9 ? 30.0 : 10.0);
    }
    var clock =
        new MediumClock(
            PottedOn.on(LocalDate.of(2025, 4, 1)),
            POTTED,
            Mix.of(Component.BARK_MEDIUM),
            Moisture.DRIES_BETWEEN,
            Temperatures.of(means),
            Optional.empty(),
            FIGURES);
    var autumn = clock.usedOn(LocalDate.of(2025, 10, 1), List.of()).orElseThrow().likely();
    var spring = clock.usedOn(LocalDate.of(2026, 4, 1), List.of()).orElseThrow().likely();
    assertThat(autumn).as("six months at twice the pace").isCloseTo(50, within(1.0));
    assertThat(spring - autumn).as("six months at half the pace").isCloseTo(12.5, within(1.0));
  }

  @Test
  void theFastestQuarterGovernsAMixAndLessCountsByVolume() {
    var quarter = new Mix(Map.of(Component.BARK_FINE, 1.0, Component.PUMICE, 3.0));
    assertThat(used(clock(quarter, Moisture.DRIES_BETWEEN, 20), 18)).isCloseTo(100, ABOUT);
    var tenth = new Mix(Map.of(Component.BARK_FINE, 1.0, Component.PUMICE, 9.0));
    assertThat(used(clock(tenth, Moisture.DRIES_BETWEEN, 20), 18)).isCloseTo(10, ABOUT);
    var alone = Mix.of(Component.BARK_MEDIUM);
    var withSome = new Mix(Map.of(Component.BARK_MEDIUM, 9.0, Component.SPHAGNUM_BASKET, 1.0));
    assertThat(withSome.useAMonth(FIGURES))
        .as("what decays faster never makes a mix last longer")
        .isGreaterThanOrEqualTo(alone.useAMonth(FIGURES));
  }

  @Test
  void whatDoesNotDecayHasNoClock() {
    var clock = clock(Mix.of(Component.PUMICE).and(Component.LAVA, 2), Moisture.ALWAYS_WET, 30);
    assertThat(clock.usedOn(POTTED.plusYears(9), List.of())).isEmpty();
    assertThat(clock.reaches(80, POTTED, List.of())).isEmpty();
  }

  @Test
  void whatIsFeltOutranksTheCalendarAndTheClockRunsOnFromThere() {
    var clock = clock(Mix.of(Component.BARK_MEDIUM), Moisture.DRIES_BETWEEN, 20);
    assertThat(used(clock, 24, felt(MediumPiece.KEEPS_SHAPE, 24))).isCloseTo(50, ABOUT);
    assertThat(used(clock, 30, felt(MediumPiece.KEEPS_SHAPE, 24))).isCloseTo(75, ABOUT);
    assertThat(used(clock, 6, felt(MediumPiece.TEARS, 6))).isCloseTo(100, ABOUT);
    assertThat(used(clock, 6, felt(MediumPiece.MUSH, 6))).isCloseTo(130, ABOUT);
    assertThat(used(clock, 6, felt(MediumPiece.DENTS, 6))).isCloseTo(50, ABOUT);
    assertThat(used(clock, 16, felt(MediumPiece.DENTS, 16)))
        .as("inside the band")
        .isCloseTo(66.7, ABOUT);
    assertThat(used(clock, 20, felt(MediumPiece.TEARS, 6), felt(MediumPiece.DENTS, 20)))
        .isCloseTo(80, ABOUT);
  }

  @Test
  void aTestFromBeforeThePottingOrAfterTheDaySaysNothing() {
    var clock = clock(Mix.of(Component.BARK_MEDIUM), Moisture.DRIES_BETWEEN, 20);
    assertThat(used(clock, 12, felt(MediumPiece.MUSH, -1), felt(MediumPiece.MUSH, 13)))
        .isCloseTo(50, ABOUT);
  }

  @Test
  void aYearIsARangeAndUnknownIsAtLeast() {
    var day = LocalDate.of(2027, 1, 1);
    var mix = Mix.of(Component.BARK_MEDIUM);
    var room = Temperatures.steady(20);
    var year =
        new MediumClock(
                PottedOn.in(java.time.Year.of(2025)),
                POTTED,
                mix,
                Moisture.DRIES_BETWEEN,
                room,
                Optional.empty(),
                FIGURES)
            .usedOn(day, List.of())
            .orElseThrow();
    assertThat(year.least()).isCloseTo(50, ABOUT);
    assertThat(year.likely()).isCloseTo(75, ABOUT);
    assertThat(year.most().orElseThrow()).isCloseTo(100, ABOUT);
    var unknown =
        new MediumClock(
                PottedOn.unknown(),
                day.minusMonths(6),
                mix,
                Moisture.DRIES_BETWEEN,
                room,
                Optional.empty(),
                FIGURES)
            .usedOn(day, List.of())
            .orElseThrow();
    assertThat(unknown.least()).isCloseTo(25, ABOUT);
    assertThat(unknown.most()).isEmpty();
    assertThat(unknown.because()).hasToString("potted before 2026-07-01");
  }

  @Test
  void deadRootsSpoilTheMediumAQuarterSooner() {
    var half = POTTED.plusMonths(12);
    var spoiled =
        new MediumClock(
            PottedOn.on(POTTED),
            POTTED,
            Mix.of(Component.BARK_MEDIUM),
            Moisture.DRIES_BETWEEN,
            Temperatures.steady(20),
            Optional.of(half),
            FIGURES);
    assertThat(used(spoiled, 12)).as("nothing before they were seen").isCloseTo(50, ABOUT);
    assertThat(used(spoiled, 24)).isCloseTo(50 + 1.25 * 50, ABOUT);
    var spent = spoiled.reaches(100, half, List.of()).orElseThrow();
    assertThat(spoiled.usedOn(spent, List.of()).orElseThrow().likely())
        .as("the day it turns spent")
        .isCloseTo(100, within(0.3));
  }

  @ParameterizedTest(name = "{0} to {1}: {2} days")
  @CsvSource({
    "2024-02-01, 2024-03-01, 29",
    "2023-02-01, 2023-03-01, 28",
    "2024-02-28, 2024-03-01, 2",
    "2024-12-31, 2025-01-01, 1",
    "2023-07-10, 2028-07-10, 1827",
    "1999-12-31, 2001-01-01, 367",
    "1899-12-31, 1901-01-01, 366"
  })
  void everyDayCountsOnceLeapDaysToo(LocalDate from, LocalDate to, double days) {
    var clock =
        new MediumClock(
            PottedOn.on(from),
            from,
            Mix.of(Component.BARK_MEDIUM),
            Moisture.DRIES_BETWEEN,
            Temperatures.steady(20),
            Optional.empty(),
            FIGURES);
    assertThat(clock.usedOn(to, List.of()).orElseThrow().likely())
        .isCloseTo(days * 100 / (24 * 365.25 / 12), within(1e-6));
  }

  @ParameterizedTest(name = "{0} % used: {1}")
  @CsvSource({"49.9, fresh", "50, mature", "79.9, mature", "80, due", "100, due", "100.1, spent"})
  void aUsedLifeHasAWord(double percent, String words) {
    assertThat(MediumState.at(percent, FIGURES).words()).isEqualTo(words);
  }

  @Test
  void theDayIsSaidOnWhichItTurns() {
    var clock = clock(Mix.of(Component.BARK_MEDIUM), Moisture.DRIES_BETWEEN, 20);
    var due = clock.reaches(80, POTTED, List.of()).orElseThrow();
    assertThat(clock.usedOn(due, List.of()).orElseThrow().likely()).isGreaterThanOrEqualTo(80);
    assertThat(clock.usedOn(due.minusDays(1), List.of()).orElseThrow().likely()).isLessThan(80);
    var past = POTTED.plusYears(3);
    assertThat(clock.reaches(80, past, List.of())).as("due already").contains(past);
    var never = clock(Mix.of(Component.CORK_CHARCOAL), Moisture.DRIES_RIGHT_OUT, -10);
    assertThat(never.reaches(80, POTTED, List.of())).contains(POTTED.plusYears(10));
  }

  @Test
  void anUnknownDateHasAnEndOnlyOnceAPieceWasFelt() {
    var clock =
        new MediumClock(
            PottedOn.unknown(),
            POTTED,
            Mix.of(Component.BARK_MEDIUM),
            Moisture.DRIES_BETWEEN,
            Temperatures.steady(20),
            Optional.empty(),
            FIGURES);
    var felt =
        clock.usedOn(POTTED.plusMonths(6), List.of(felt(MediumPiece.KEEPS_SHAPE, 0))).orElseThrow();
    assertThat(felt.most().orElseThrow()).as("50 and six months of 24").isCloseTo(75, ABOUT);
    assertThat(felt.because())
        .hasToString("potted before 2025-05-15; keeps its shape on 2025-05-15");
    var torn =
        clock.usedOn(POTTED.plusMonths(6), List.of(felt(MediumPiece.TEARS, 0))).orElseThrow();
    assertThat(torn.most()).isEmpty();
  }

  @Test
  void aMixIsSaidTheLargestPartFirst() {
    assertThat(Mix.of(Component.PUMICE).words()).isEqualTo("pumice");
    assertThat(new Mix(Map.of(Component.PERLITE, 0.5, Component.BARK_FINE, 3.0)).words())
        .isEqualTo("fine bark 3 : perlite 0.5");
    assertThat(new Mix(Map.of(Component.PERLITE, 100.0)).share(Component.PERLITE)).isEqualTo(1);
  }

  @Test
  void aMixThatAddsUpToNothingIsRefused() {
    assertThatThrownBy(() -> new Mix(Map.of())).isInstanceOf(Refused.class);
    for (double parts : new double[] {0, -1, Double.NaN, 101}) {
      assertThatThrownBy(() -> new Mix(Map.of(Component.PUMICE, parts)))
          .isInstanceOfSatisfying(
              Refused.class, refused -> assertThat(refused.field().key()).isEqualTo("mix"));
    }
  }

  @ParameterizedTest
  @CsvSource({"2026-05-16", "2026-05", "2026", "unknown"})
  void aPottingDateIsKeptAsExactlyAsItIsKnown(String text) {
    var today = LocalDate.of(2027, 5, 15);
    assertThat(PottedOn.entered(text, today).text()).isEqualTo(text);
  }

  @ParameterizedTest
  @CsvSource({"2028", "2027-06", "2027-05-16", "1899", "May", "2026-13", "0", "''"})
  void aPottingDateThatCannotBeIsRefused(String text) {
    var today = LocalDate.of(2027, 5, 15);
    assertThatThrownBy(() -> PottedOn.entered(text, today))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field().key()).isEqualTo("pottedOn"));
  }

  @Test
  void whatNobodyKnowsIsNeverCalledFresh() {
    var unknown = clock(Mix.of(Component.UNKNOWN), Moisture.DRIES_BETWEEN, 20);
    var potted = unknown.usedOn(POTTED, List.of()).orElseThrow();
    assertThat(potted.known()).isFalse();
    assertThat(potted.least()).as("it may be anything").isZero();
    assertThat(potted.because().toString()).contains("nobody knows");
    var later = unknown.usedOn(POTTED.plusMonths(24), List.of()).orElseThrow();
    assertThat(later.likely()).as("taken for bark").isCloseTo(100, ABOUT);
    assertThat(later.known()).isFalse();
    var dents =
        unknown.usedOn(POTTED.plusMonths(6), List.of(felt(MediumPiece.DENTS, 6))).orElseThrow();
    assertThat(dents.known()).as("a piece was felt").isTrue();
    assertThat(dents.least()).isGreaterThanOrEqualTo(50);
    var bark =
        new MediumClock(
                PottedOn.unknown(),
                POTTED,
                Mix.of(Component.BARK_MEDIUM),
                Moisture.DRIES_BETWEEN,
                Temperatures.steady(20),
                Optional.empty(),
                FIGURES)
            .usedOn(POTTED, List.of())
            .orElseThrow();
    assertThat(bark.known()).as("nor is a medium of unknown age").isFalse();
  }

  @Test
  void whatIsUsedAndHowLongItLastsAgree() {
    var figures = Figures.standard();
    var bark = Mix.of(Component.BARK_MEDIUM);
    assertThat(Lasting.used(bark, Moisture.DRIES_BETWEEN, 12, 20, figures).orElseThrow())
        .isCloseTo(50, within(0.5));
    double years =
        Lasting.years(
                bark, Moisture.DRIES_BETWEEN, LocalDate.of(2027, 1, 1), Optional.empty(), figures)
            .orElseThrow();
    assertThat(Lasting.used(bark, Moisture.DRIES_BETWEEN, 12 * years, 20, figures).orElseThrow())
        .isCloseTo(figures.of(MediumFigures.SPENT), within(0.5));
    assertThat(Lasting.used(Mix.of(Component.PUMICE), Moisture.DRIES_BETWEEN, 12, 20, figures))
        .isEmpty();
  }
}
