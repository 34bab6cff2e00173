package almanac.core.taught;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.history.Fate;
import almanac.core.history.Outcome;
import almanac.core.history.PlantStatus;
import almanac.core.judgement.verdict.Asks;
import almanac.core.pot.Pot;
import almanac.core.tally.RootTally;
import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What a year brought, counted by hand. */
class InReviewTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate MAY = LocalDate.of(2026, 5, 10);
  private final List<InReview.OfPlant> plants = new ArrayList<>();

  private static PlantInYear year(int year, double size, Month... flowers) {
    return new PlantInYear(
        year,
        Optional.empty(),
        Optional.empty(),
        Set.of(flowers),
        size > 0 ? OptionalDouble.of(size) : OptionalDouble.empty(),
        30,
        1,
        500);
  }

  private static MoveTold move(LocalDate on, MoveMade.Sort sort, Outcome outcome, int heldAfter) {
    return move(on, sort, outcome, heldAfter, Asks.LEAVE);
  }

  private static MoveTold move(
      LocalDate on, MoveMade.Sort sort, Outcome outcome, int heldAfter, Asks asked) {
    var held =
        heldAfter > 0
            ? Optional.of(new Afterwards.Since(on, on.plusDays(heldAfter)))
            : Optional.<Afterwards.Since>empty();
    return new MoveTold(
        new MoveMade(
            on,
            sort,
            new MoveMade.Before(
                Optional.empty(),
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Pot.NOT_NOTED,
                Optional.of(new SlipThen(asked, Approach.HOUSE_RULES, Optional.empty(), 16))),
            new MoveMade.Into(Optional.empty(), Pot.NOT_NOTED),
            RootTally.EMPTY,
            false),
        new Afterwards(outcome, Optional.empty(), held, List.of(), List.of(), false, false));
  }

  private InReviewTest with(List<PlantInYear> years, MoveTold... moves) {
    plants.add(new InReview.OfPlant(plants.size() + 1L, years, List.of(moves)));
    return this;
  }

  private InReview review() {
    return InReview.of(2026, plants, FIGURES);
  }

  @Test
  void onlyMovesOfThatYearCountTheFirstOneFirst() {
    with(
        List.of(year(2026, 0)),
        move(MAY.minusYears(1), MoveMade.Sort.REPOT, Outcome.LOST, 0),
        move(MAY.plusDays(9), MoveMade.Sort.REPOT, Outcome.SLOW, 90));
    with(List.of(year(2026, 0)), move(MAY, MoveMade.Sort.SHIFT, Outcome.SET_BACK, 0));
    assertThat(review().moves()).extracting(InReview.Made::plant).containsExactly(2L, 1L);
    assertThat(review().outcomes())
        .containsOnly(
            org.assertj.core.api.Assertions.entry(Outcome.SLOW, 1),
            org.assertj.core.api.Assertions.entry(Outcome.SET_BACK, 1));
  }

  @Test
  void flowersAreCountedByPlantAndMonthBesideTheYearBefore() {
    with(List.of(year(2025, 0, Month.MAY), year(2026, 0, Month.MAY, Month.JUNE)));
    with(List.of(year(2026, 0, Month.JUNE)));
    assertThat(review().flowers()).containsEntry(Month.MAY, 1).containsEntry(Month.JUNE, 2);
    assertThat(review().flowersBefore()).containsEntry(Month.MAY, 1).hasSize(1);
  }

  @Test
  void aGrowthIsSmallerOnlyWhereItIsClearlySo() {
    with(List.of(year(2025, 100), year(2026, 84)));
    with(List.of(year(2025, 100), year(2026, 86)));
    with(List.of(year(2025, 100), year(2026, 117)));
    with(List.of(year(2025, 100), year(2026, 119)));
    with(List.of(year(2025, 100), year(2026, 0)));
    with(List.of(year(2026, 100)));
    assertThat(review().growths()).isEqualTo(new InReview.Growths(1, 2, 1));
  }

  @Test
  void theBestCameFromTheWorstBeginningAndTheWorstWasLost() {
    with(List.of(), move(MAY, MoveMade.Sort.REPOT, Outcome.RE_ESTABLISHED, 40));
    assertThat(review().best()).map(InReview.Made::plant).contains(1L);
    assertThat(review().worst()).isEmpty();
    with(List.of(), move(MAY, MoveMade.Sort.RESCUE, Outcome.RE_ESTABLISHED, 90));
    with(List.of(), move(MAY, MoveMade.Sort.RESCUE, Outcome.RE_ESTABLISHED, 80));
    with(List.of(), move(MAY, MoveMade.Sort.REPOT, Outcome.SET_BACK, 0));
    assertThat(review().best()).map(InReview.Made::plant).contains(3L);
    assertThat(review().worst()).map(InReview.Made::plant).contains(4L);
    with(List.of(), move(MAY.plusDays(5), MoveMade.Sort.REPOT, Outcome.LOST, 0));
    assertThat(review().worst()).map(InReview.Made::plant).contains(5L);
  }

  @Test
  void whatTheSlipAskedForIsTheBetterDecisionAndTheLesserMistake() {
    with(List.of(), move(MAY, MoveMade.Sort.REPOT, Outcome.RE_ESTABLISHED, 30));
    with(List.of(), move(MAY, MoveMade.Sort.REPOT, Outcome.RE_ESTABLISHED, 70, Asks.MOVE));
    with(List.of(), move(MAY, MoveMade.Sort.REPOT, Outcome.SET_BACK, 0, Asks.DIVIDE));
    with(List.of(), move(MAY.plusDays(1), MoveMade.Sort.REPOT, Outcome.SET_BACK, 0));
    assertThat(review().best()).map(InReview.Made::plant).contains(2L);
    assertThat(review().worst()).map(InReview.Made::plant).contains(4L);
  }

  @Test
  void aLossStandsBesideTheMoveBeforeItAndNotBesideOneLongAgo() {
    var end =
        new PlantInYear.End(MAY.plusDays(100), new Fate(PlantStatus.LOST, "rot"), Optional.empty());
    var lost =
        new PlantInYear(
            2026, Optional.empty(), Optional.of(end), Set.of(), OptionalDouble.empty(), 0, 0, 0);
    with(List.of(lost), move(MAY, MoveMade.Sort.REPOT, Outcome.LOST, 0));
    with(List.of(lost), move(MAY.minusDays(101), MoveMade.Sort.REPOT, Outcome.SLOW, 0));
    assertThat(review().lost())
        .extracting(each -> each.after().isPresent())
        .containsExactly(true, false);
  }

  @Test
  void whatWasSpentIsAddedUp() {
    with(List.of(year(2025, 0), year(2026, 0)));
    with(List.of(year(2026, 0)));
    assertThat(review().count()).isEqualTo(new InReview.Count(0, 0, 0, 60, 2, 1000));
    assertThat(InReview.years(plants)).containsExactly(2026, 2025);
  }
}
