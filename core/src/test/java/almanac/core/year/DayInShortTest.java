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
    return new DayInShort(SATURDAY, urgent, Optional.ofNullable(round), Optional.ofNullable(bench))
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
  void itIsKindAboutAnEmptyOne() {
    assertThat(said(0, in(3, 26), in(8, 60))).isEqualTo("Nothing asks for you today");
  }
}
