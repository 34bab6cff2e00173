package almanac.core.benchdays;

import static almanac.core.benchdays.Seasons.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class AskedForTest {
  private static final LocalDate SINCE = LocalDate.of(2027, 4, 25);

  private static Optional<String> said(LocalDate since, LocalDate by, LocalDate missed) {
    return new AskedFor(since, Optional.ofNullable(by), Optional.ofNullable(missed))
        .words(TODAY)
        .map(Sentence::toString);
  }

  @Test
  void whatIsFirstAskedForTodaySaysNothing() {
    assertThat(said(TODAY, TODAY.plusDays(9), null)).isEmpty();
  }

  @Test
  void sinceAndByAreSaid() {
    assertThat(said(SINCE, null, null)).contains("Asked for since 2027-04-25.");
    assertThat(said(SINCE, TODAY, null)).contains("Asked for since 2027-04-25, by 2027-05-15.");
  }

  @Test
  void whatIsLateSaysByHowMuch() {
    assertThat(said(SINCE, TODAY.minusDays(9), null))
        .contains("Asked for since 2027-04-25, by 2027-05-06: 9 days late, and still worth doing.");
    assertThat(said(TODAY, TODAY.minusDays(9), null))
        .contains("Asked for since 2027-05-15, late from the first, and still worth doing.");
  }

  @Test
  void whatLayOnADayAndWasNotDoneSaysSo() {
    assertThat(said(SINCE, null, TODAY.minusDays(1)))
        .contains("Asked for since 2027-04-25. It lay on 2027-05-14 and was not done.");
    assertThat(said(TODAY, null, TODAY.minusDays(1)))
        .contains("It lay on 2027-05-14 and was not done.");
  }
}
