package almanac.core.year;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.year.DayInShort.Stint;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A day in one line. */
class DayInShortTest {
  private static final LocalDate SATURDAY = LocalDate.of(2027, 5, 15);

  private static String said(int urgent, Stint round, Stint bench) {
    return said(urgent, 0, round, bench);
  }

  private static String said(int urgent, int others, Stint round, Stint bench) {
    return new DayInShort(
            SATURDAY, urgent, others, Optional.ofNullable(round), Optional.ofNullable(bench))
        .words(Figures.standard());
  }

  private static Stint in(int days, int minutes) {
    return new Stint(SATURDAY.plusDays(days), minutes);
  }

  @Test
  void itNamesWhatCannotWaitTheRoundAndTheBenchDay() {
    assertThat(said(2, in(0, 26), in(7, 190)))
        .isEqualTo("Two cannot wait; one round, 26 min; bench day on Saturday");
    assertThat(said(0, in(0, 26), null)).isEqualTo("One round, 26 min");
    assertThat(said(12, null, in(0, 190))).isEqualTo("12 cannot wait; bench day, 3 h 10");
    assertThat(said(9, null, in(0, 120))).isEqualTo("Nine cannot wait; bench day, 2 h");
  }

  @Test
  void whatIsAskedForIsNeverLeftUnsaid() {
    assertThat(said(0, 1, null, null)).isEqualTo("One waits for a bench day, and none is named");
    assertThat(said(1, 3, null, in(8, 60)))
        .isEqualTo("One cannot wait; three wait for the bench day on 23 May");
    assertThat(said(0, 3, null, in(7, 60))).isEqualTo("Bench day on Saturday");
  }

  @Test
  void itIsKindAboutAnEmptyOne() {
    assertThat(said(0, in(3, 26), in(8, 60))).isEqualTo("Nothing asks for you today");
  }
}
