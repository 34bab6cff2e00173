package almanac.core.checks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WindowTest {
  private static final LocalDate MAY = LocalDate.of(2027, 5, 1);

  private static Window window(int early, int best, int late) {
    return new Window(MAY.plusDays(early), MAY.plusDays(best), MAY.plusDays(late));
  }

  @ParameterizedTest
  @CsvSource({"2, 1, 3", "1, 3, 2", "3, 2, 1"})
  void theDaysOfAWindowAreInOrder(int early, int best, int late) {
    assertThatThrownBy(() -> window(early, best, late))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest(name = "from day {0} to day {1} the best is day {2}")
  @CsvSource({"7, 10, 8", "25, 35, 30", "4, 4, 4", "0, 1, 0"})
  void theBestDayLiesInTheMiddle(int early, int late, int best) {
    assertThat(Window.between(MAY.plusDays(early), MAY.plusDays(late)))
        .isEqualTo(window(early, best, late));
  }

  @ParameterizedTest(name = "in {0} days, {1} of the way: {2} to {3}")
  @CsvSource({
    "40, 0.25, 30, 50",
    "100, 0.1, 90, 110",
    "2, 0.25, 1, 3",
    "1, 0.25, 1, 2",
    "0, 0.5, 0, 1",
    "-5, 0.5, -5, -4"
  })
  void whatLiesFurtherAwayHasMoreTime(int best, double share, int early, int late) {
    assertThat(Window.about(MAY.plusDays(best), MAY, share)).isEqualTo(window(early, best, late));
  }

  @ParameterizedTest(name = "not before day {0}")
  @CsvSource({"0, 3, 5, 9", "4, 4, 5, 9", "7, 7, 7, 9", "12, 12, 12, 12"})
  void nothingOfItLiesBeforeADay(int day, int early, int best, int late) {
    assertThat(window(3, 5, 9).notBefore(MAY.plusDays(day))).isEqualTo(window(early, best, late));
  }

  @Test
  void everyPurposeSaysWhatToLookForAndHowItIsAnswered() {
    for (var purpose : Purpose.values()) {
      assertThat(purpose.title()).isNotBlank();
      assertThat(purpose.lookFor()).isNotBlank();
    }
    assertThat(Arrays.stream(Purpose.values()).map(Purpose::title)).doesNotHaveDuplicates();
    assertThat(Arrays.stream(Purpose.values()).filter(Purpose::answeredByLooking))
        .containsExactly(
            Purpose.FIRST_LOOK,
            Purpose.AS_JUDGED,
            Purpose.APART,
            Purpose.TREATED,
            Purpose.BESIDE,
            Purpose.TRIAL);
    assertThat(Arrays.stream(Purpose.values()).filter(purpose -> purpose.ticks().isEmpty()))
        .as("a reading is no matter of a tap")
        .containsExactly(Purpose.SOAK, Purpose.TRIAL);
    assertThat(Arrays.stream(Purpose.values()).map(Purpose::series).distinct())
        .containsExactlyInAnyOrder(Series.values());
  }
}
