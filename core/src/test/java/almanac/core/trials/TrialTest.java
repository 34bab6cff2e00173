package almanac.core.trials;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.figures.Figures;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.season.LightYear;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TrialTest {
  private static final LocalDate SINCE = LocalDate.of(2027, 4, 10);

  private static Trial trial(String name, List<Item<?>> looks, LocalDate judgeOn) {
    return new Trial(new UUID(1, 1), name, Tried.MEDIUM, Against.EARLIER, looks, SINCE, judgeOn);
  }

  /** Days pass twelve hours about 17 March and 25 September at 56° north. */
  @ParameterizedTest
  @CsvSource({
    // half a year is enough where the season changes within it
    "56, 2027-01-01, 2027-06-30",
    "56, 2027-07-01, 2027-12-28",
    // begun at the turn, half a year ends just before the next one
    "56, 2027-03-21, 2027-09-25",
    // the other half of the world
    "-56, 2027-01-01, 2027-06-30",
    // days hardly change at the equator
    "0, 2027-03-21, 2027-09-17"
  })
  void itMayBeJudgedAfterHalfAYearAndThroughOneChangeOfSeason(
      double latitude, LocalDate since, LocalDate from) {
    var honest = Trial.honestFrom(since, LightYear.at(latitude), Figures.standard());
    assertThat(honest).isBetween(from.minusDays(2), from.plusDays(2));
    assertThat(honest).isAfterOrEqualTo(since.plusDays(180));
  }

  @Test
  void itIsJudgedFromItsLastDayOn() {
    var trial = trial("Charcoal", List.of(Items.LEAVES), LocalDate.of(2027, 11, 1));
    assertThat(trial.mayJudge(LocalDate.of(2027, 10, 31))).isFalse();
    assertThat(trial.mayJudge(LocalDate.of(2027, 11, 1))).isTrue();
  }

  @Test
  void whatIsLookedAtStandsInTheOrderOfLooking() {
    var trial =
        trial(
            "Charcoal",
            List.of(Items.DAYS_TO_DRY, Items.LEAVES, Items.STABILITY),
            SINCE.plusDays(200));
    assertThat(trial.looks()).containsExactly(Items.LEAVES, Items.STABILITY, Items.DAYS_TO_DRY);
    assertThat(Trial.mayLook()).isSubsetOf(Items.inLookingOrder());
  }

  @Test
  void aTrialHasANameSomethingToLookAtAndAnEnd() {
    var looks = List.<Item<?>>of(Items.LEAVES);
    assertThatThrownBy(() -> trial(" ", looks, SINCE.plusDays(200))).hasMessageContaining("tried");
    assertThatThrownBy(() -> trial("x".repeat(201), looks, SINCE.plusDays(200)))
        .hasMessageContaining("200");
    assertThatThrownBy(() -> trial("Charcoal", List.of(), SINCE.plusDays(200)))
        .hasMessageContaining("at least one");
    assertThatThrownBy(() -> trial("Charcoal", looks, SINCE)).hasMessageContaining("end");
    assertThatThrownBy(() -> trial("Charcoal", looks, SINCE.plusYears(6)))
        .hasMessageContaining("5 years");
  }
}
