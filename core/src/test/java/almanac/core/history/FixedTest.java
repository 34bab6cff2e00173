package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Fix;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.LookSpot;
import almanac.core.inspection.Stability;
import almanac.core.inspection.Surface;
import almanac.core.inspection.SurfaceLevel;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What a small job cured counts no more until it is seen again. */
class FixedTest {
  private static final LocalDate DAY = LocalDate.of(2027, 5, 1);

  private static final Event POTTED =
      new Happening.Potted(
          new Potting(
              PottedOn.on(DAY), DAY, Mix.of(Component.BARK_MEDIUM), Moisture.DRIES_BETWEEN));

  private static Event sunk(int day) {
    return new Happening.Inspected(
        Inspection.on(DAY.plusDays(day))
            .with(Items.LEVEL, Items.LEVEL.saw(SurfaceLevel.SUNK))
            .with(Items.STABILITY, Items.STABILITY.saw(Stability.FIRM)));
  }

  private static Event toppedUp(int day) {
    return new Happening.Fixed(Fix.TOP_UP, DAY.plusDays(day));
  }

  private static PlantHistory history(Event... events) {
    return PlantHistory.of(Stream.concat(Stream.of(POTTED), Arrays.stream(events)).toList());
  }

  private static boolean sunk(PlantHistory history, int day) {
    return history.latest(Items.LEVEL, DAY.plusDays(day)).saw(SurfaceLevel.SUNK);
  }

  @Test
  void whatWasCuredIsGoneFromThatDayOnAndOnlyThat() {
    var history = history(sunk(3), toppedUp(5));
    assertThat(sunk(history, 9)).isFalse();
    assertThat(sunk(history, 4)).as("before it was done").isTrue();
    assertThat(history.latest(Items.STABILITY, DAY.plusDays(9)).saw(Stability.FIRM)).isTrue();
    assertThat(history.done(Fix.TOP_UP, DAY.plusDays(9))).isTrue();
    assertThat(history.done(Fix.TOP_UP, DAY.plusDays(4))).isFalse();
    assertThat(history.done(Fix.STAKE, DAY.plusDays(9))).isFalse();
  }

  @Test
  void aFlushTakesTheCrustAndTheReading() {
    var salty =
        new Happening.Inspected(
            Inspection.on(DAY.plusDays(3))
                .with(Items.SURFACE, Items.SURFACE.saw(Surface.CRUST))
                .with(Items.SALTS, Items.SALTS.found(List.of(), 3.0, Figures.standard())));
    var flushed = history(salty, new Happening.Fixed(Fix.FLUSH_SALTS, DAY.plusDays(5)));
    assertThat(flushed.latest(Items.SALTS, DAY.plusDays(4)).measured()).hasValue(3);
    assertThat(flushed.latest(Items.SALTS, DAY.plusDays(5)).measured()).isEmpty();
    assertThat(flushed.latest(Items.SURFACE, DAY.plusDays(5)).saw(Surface.CRUST)).isFalse();
    assertThat(flushed.done(Fix.FLUSH_SALTS, DAY.plusDays(5))).isTrue();
    var again =
        new Happening.Inspected(
            Inspection.on(DAY.plusDays(9))
                .with(Items.SALTS, Items.SALTS.found(List.of(), 3.0, Figures.standard())));
    var readAgain = history(salty, new Happening.Fixed(Fix.FLUSH_SALTS, DAY.plusDays(5)), again);
    assertThat(readAgain.done(Fix.FLUSH_SALTS, DAY.plusDays(9))).isFalse();
  }

  @Test
  void seenAgainItCountsAgain() {
    var history = history(sunk(3), toppedUp(5), sunk(8));
    assertThat(sunk(history, 9)).isTrue();
    assertThat(sunk(history, 6)).isFalse();
    assertThat(history.done(Fix.TOP_UP, DAY.plusDays(9))).isFalse();
    assertThat(history.done(Fix.TOP_UP, DAY.plusDays(6))).isTrue();
  }

  @Test
  void onOneDayTheOrderOfWritingCounts() {
    assertThat(sunk(history(sunk(3), toppedUp(3)), 3)).isFalse();
    assertThat(sunk(history(toppedUp(3), sunk(3)), 3)).isTrue();
  }

  @Test
  void askingWhatIfALookWereMissingLeavesTheCureInItsPlace() {
    var onlyLevel =
        new Happening.Inspected(
            Inspection.on(DAY.plusDays(1))
                .with(Items.STABILITY, Items.STABILITY.saw(Stability.FIRM)));
    var history = history(onlyLevel, sunk(3), toppedUp(5), sunk(8));
    var without = history.without(LookSpot.of(Items.STABILITY));
    assertThat(sunk(without, 6)).isFalse();
    assertThat(sunk(without, 9)).isTrue();
  }

  @Test
  void everySmallJobSaysWhatItIsForAndHowItReadsOnceItIsDone() {
    for (var fix : Fix.values()) {
      assertThat(fix.of()).isNotNull();
      assertThat(fix.done()).isNotBlank();
      if (fix != Fix.FLUSH_SALTS) {
        assertThat(List.<Object>copyOf(fix.cured())).isSubsetOf(List.of(fix.of()));
      }
    }
    assertThat(List.<Object>copyOf(Fix.FLUSH_SALTS.cured()))
        .containsExactly(Items.SURFACE, Items.SALTS);
  }
}
