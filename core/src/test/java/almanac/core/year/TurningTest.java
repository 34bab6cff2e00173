package almanac.core.year;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.judgement.moments.Wait;
import almanac.core.judgement.verdict.Timing;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Windows that open or close within the week. */
class TurningTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 15);

  private static Timing waits(int inDays) {
    var from = TODAY.plusDays(inDays);
    return new Timing.Waits(new Wait(List.of(), from, from.plusDays(9), from.plusDays(30)));
  }

  private static Timing until(int inDays) {
    return new Timing.Until(TODAY.plusDays(inDays));
  }

  @Test
  void whatWaitsOpensOnTheFirstDayOnWhichItMay() {
    assertThat(Turning.within(waits(5), TODAY, FIGURES))
        .contains(new Turning(Turning.Turn.OPENS, TODAY.plusDays(5)));
    assertThat(Turning.within(waits(7), TODAY, FIGURES)).isPresent();
    assertThat(Turning.within(waits(8), TODAY, FIGURES)).as("further off than a week").isEmpty();
    assertThat(Turning.within(waits(0), TODAY, FIGURES)).as("open already").isEmpty();
  }

  @Test
  void whatShouldBeMovedClosesOnItsLastDay() {
    assertThat(Turning.within(until(0), TODAY, FIGURES))
        .contains(new Turning(Turning.Turn.CLOSES, TODAY));
    assertThat(Turning.within(until(7), TODAY, FIGURES)).isPresent();
    assertThat(Turning.within(until(8), TODAY, FIGURES)).isEmpty();
    assertThat(Turning.within(until(-1), TODAY, FIGURES)).as("closed already").isEmpty();
    assertThat(
            Turning.within(
                new Timing.Between(TODAY.minusDays(30), TODAY.plusDays(2)), TODAY, FIGURES))
        .contains(new Turning(Turning.Turn.CLOSES, TODAY.plusDays(2)));
  }

  @Test
  void whatIsOpenOrForTodayTurnsNowhere() {
    assertThat(Turning.within(new Timing.Open(), TODAY, FIGURES)).isEmpty();
    assertThat(Turning.within(new Timing.Now(), TODAY, FIGURES)).isEmpty();
  }
}
