package almanac.core.medium;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.medium.PottedOn.Between;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A potting date is as exact as anybody knows, and unknown is not zero. */
class PottedOnTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 15);

  @ParameterizedTest(name = "{0} lies between {1} and {2}")
  @CsvSource({
    "2026-05-16, 2026-05-16, 2026-05-16, 2026-05-16",
    "2026-02, 2026-02-01, 2026-02-28, 2026-02-14",
    "2024-02, 2024-02-01, 2024-02-29, 2024-02-15",
    "2026, 2026-01-01, 2026-12-31, 2026-07-02",
    "2026-01, 2026-01-01, 2026-01-31, 2026-01-16",
    "2026-12, 2026-12-01, 2026-12-31, 2026-12-16"
  })
  void aMonthOrAYearIsATimeSpan(String text, LocalDate first, LocalDate last, LocalDate middle) {
    var potted = PottedOn.entered(text, TODAY);
    assertThat(potted).isEqualTo(new Between(first, last));
    assertThat(((Between) potted).middle()).isEqualTo(middle);
    assertThat(potted.text()).isEqualTo(text);
    assertThat(PottedOn.parse(potted.text())).isEqualTo(potted);
  }

  @Test
  void unknownStaysUnknown() {
    assertThat(PottedOn.entered(" unknown ", TODAY)).isEqualTo(PottedOn.unknown());
    assertThat(PottedOn.unknown().text()).isEqualTo("unknown");
  }

  @ParameterizedTest
  @CsvSource({"2027-05, 2027-05-01", "2027, 2027-01-01"})
  void thePresentMonthOrYearEndsToday(String text, LocalDate first) {
    assertThat(PottedOn.entered(text, TODAY)).isEqualTo(new Between(first, TODAY));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "May", "2026-13", "2026-02-30", "26-05", "2026-5", "16.5.2026", "unknown?"})
  void whatCannotBeReadIsRefusedWithWhatCan(String text) {
    assertThatThrownBy(() -> PottedOn.entered(text, TODAY))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field().key()).isEqualTo("pottedOn"))
        .hasMessageContaining("2026-05-16");
  }

  @ParameterizedTest
  @CsvSource({
    "2027-05-16, future",
    "2027-06, future",
    "2028, future",
    "1899, far back",
    "1850-03-01, far back"
  })
  void aDayThatCannotBeIsRefused(String text, String why) {
    assertThatThrownBy(() -> PottedOn.entered(text, TODAY))
        .isInstanceOf(Refused.class)
        .hasMessageContaining(why);
  }

  @Test
  void aSpanGoesForward() {
    assertThatThrownBy(() -> new Between(TODAY, TODAY.minusDays(1)))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
