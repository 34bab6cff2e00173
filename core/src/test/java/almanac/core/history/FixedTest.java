package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.inspection.Fix;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.LookSpot;
import almanac.core.inspection.Stability;
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
      assertThat(fix.cured().stream().toList()).isSubsetOf(List.of(fix.of()));
    }
  }
}
