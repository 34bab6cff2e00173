package almanac.core.checks.diary;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.checks.Check;
import almanac.core.checks.Purpose;
import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import java.time.LocalDate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ListingTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 15);

  @ParameterizedTest(name = "{0} from {1} days on, plant cannot wait {2}: {3}")
  @CsvSource({
    "STANDS, -3, false, NOW",
    "STANDS, 0, true, NOW",
    "STANDS, 1, false, SOON",
    "STANDS, 42, true, SOON",
    "STANDS, 43, false, LATER",
    "AS_JUDGED, 0, false, NOW",
    "AS_JUDGED, 0, true, WITH_THE_MOVE",
    "AS_JUDGED, -2, true, WITH_THE_MOVE",
    "AS_JUDGED, -3, true, NOW",
    "AS_JUDGED, 5, true, SOON",
    "FIRST_LOOK, 0, true, NOW",
    "SOAK, -9, true, NOW"
  })
  void aCheckStandsOnTheListOfItsDays(
      Purpose purpose, int inDays, boolean cannotWait, Listing listed) {
    var early = TODAY.plusDays(inDays);
    var check = new Check(purpose, Window.between(early, early.plusDays(2)));
    assertThat(OpenCheck.since(TODAY, check).listing(TODAY, cannotWait, Figures.standard()))
        .isEqualTo(listed);
  }
}
