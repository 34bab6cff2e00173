package almanac.core.taught;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.history.Chronicle;
import almanac.core.history.Happening;
import almanac.core.history.Potting;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

class DaysToDryTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate CAME = LocalDate.of(2024, 3, 1);

  private static DaysToDry plant(Object... daysAndDays) {
    var chronicle = new Chronicle();
    chronicle.on(
        CAME,
        new Happening.Potted(
            new Potting(
                PottedOn.on(CAME), CAME, Mix.of(Component.BARK_FINE), Moisture.DRIES_BETWEEN)));
    for (int i = 0; i < daysAndDays.length; i += 2) {
      var on = LocalDate.parse((String) daysAndDays[i]);
      var dried = Items.DAYS_TO_DRY.found(List.of(), (Double) daysAndDays[i + 1], FIGURES);
      chronicle.on(on, new Happening.Inspected(Inspection.on(on).with(Items.DAYS_TO_DRY, dried)));
    }
    var on = CAME.plusDays(10);
    chronicle.on(
        on,
        new Happening.Inspected(
            Inspection.on(on).with(Items.LEAVES, Items.LEAVES.saw(Leaves.FIRM))));
    return DaysToDry.of(chronicle.plant());
  }

  @Test
  void eachPlantCountsOnceInEachTimeOfTheYear() {
    var often = plant("2025-12-03", 8.0, "2026-02-20", 12.0, "2026-06-01", 4.0, "2025-06-30", 6.0);
    var once = plant("2026-01-05", 14.0);
    var lines = DaysToDry.here(List.of(often, once, plant()), FIGURES);
    assertThat(lines)
        .extracting(MeanHere::words)
        .containsExactly("December to February", "June to August");
    assertThat(lines).extracting(MeanHere::counted).containsExactly(2, 1);
    assertThat(lines).extracting(MeanHere::likely).containsExactly(12.0, 5.0);
    assertThat(lines).extracting(MeanHere::few).containsOnly(true);
    assertThat(DaysToDry.here(List.of(plant()), FIGURES)).isEmpty();
  }

  /** For 9, 10, 11, 12 and 13 Student's range is 11 ± 2.132 · √(2.5 / 5), from a printed table. */
  @Test
  void itsRangeIsThatOfStudent() {
    var mean = MeanHere.of("x", List.of(9.0, 10.0, 11.0, 12.0, 13.0), FIGURES);
    assertThat(mean.likely()).isEqualTo(11);
    assertThat(mean.low()).isCloseTo(11 - 1.5075, within(0.001));
    assertThat(mean.high()).isCloseTo(11 + 1.5075, within(0.001));
    assertThat(mean.few()).isFalse();
    assertThat(MeanHere.of("x", List.of(9.0, 10.0, 11.0, 12.0), FIGURES).few()).isTrue();
    assertThat(MeanHere.of("x", List.of(9.0), FIGURES).high()).isEqualTo(9);
  }

  @Test
  void theTruthLiesInsideInNineCasesOfTen() {
    var random = new Random(4);
    int inside = 0;
    for (int i = 0; i < 2000; i++) {
      var values =
          DoubleStream.generate(() -> 8 + 2 * random.nextGaussian()).limit(7).boxed().toList();
      var mean = MeanHere.of("x", values, FIGURES);
      inside += mean.low() <= 8 && 8 <= mean.high() ? 1 : 0;
    }
    assertThat(inside / 2000.0).isBetween(0.87, 0.93);
  }
}
