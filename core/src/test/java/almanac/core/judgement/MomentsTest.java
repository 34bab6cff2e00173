package almanac.core.judgement;

import static almanac.core.judgement.PlantAtHand.DECEMBER;
import static almanac.core.judgement.PlantAtHand.MAY;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Items;
import almanac.core.inspection.Rim;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Stability;
import almanac.core.inspection.SurfaceRoots;
import almanac.core.judgement.moments.Moment;
import almanac.core.judgement.moments.Wait;
import almanac.core.judgement.moments.WaitCondition;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Timing;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.Component;
import almanac.core.medium.MediumPiece;
import almanac.core.medium.Mix;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Today is held against the days that are still to come. */
class MomentsTest {

  private static Wait awaited(Judgement judged) {
    return ((Timing.Waits) judged.timing()).awaited();
  }

  private static Moment at(Judgement judged, WaitCondition condition) {
    return judged.ahead().moments().stream()
        .filter(moment -> moment.brings().contains(condition))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void theFirstMomentIsTodayWithThePointsOfTheSlip() {
    int moved = 0;
    for (var generated : Generated.plants()) {
      var judged = generated.plant().judged();
      var today = judged.ahead().moments().get(0);
      assertThat(judged.ahead().moments())
          .allSatisfy(
              moment -> assertThat(moment.likely()).isBetween(moment.earliest(), moment.latest()));
      assertThat(today.brings()).isEmpty();
      assertThat(today.likely()).isEqualTo(generated.today());
      assertThat(judged.ahead().moments())
          .isSortedAccordingTo((a, b) -> a.likely().compareTo(b.likely()));
      if (judged.need() < 100) {
        assertThat(today.need()).isEqualTo(Math.round(judged.need()));
        assertThat(today.readiness()).isEqualTo(Math.round(judged.readiness()));
        moved++;
      }
    }
    assertThat(moved).isGreaterThan(500);
  }

  @Test
  void threeWeeksBringShortRootsToASafeLength() {
    var judged =
        PlantAtHand.of("oncidium")
            .potted(30)
            .rootsOf(45)
            .saw(Items.STABILITY, Stability.FIRM)
            .judged();
    assertThat(judged.verdict()).isEqualTo(Verdict.WAIT_FOR);
    assertThat(awaited(judged).conditions()).containsExactly(WaitCondition.LONG_ROOTS);
    assertThat(awaited(judged).likely()).isBetween(MAY.plusWeeks(3), MAY.plusWeeks(5));
    assertThat(judged.advice().toString()).contains("That is in time: its medium will be about");
  }

  @Test
  void nubsAreTakenWhereTheNextComeTooLate() {
    var nubs = PlantAtHand.of("encyclia").potted(18).saw(Items.NEW_ROOTS, RootStage.NUB);
    assertThat(nubs.judged().need()).isBetween(15.0, 25.0);
    assertThat(nubs.judged().verdict()).isEqualTo(Verdict.PART_REPOT);
    var young = PlantAtHand.of("encyclia").potted(12).saw(Items.NEW_ROOTS, RootStage.NUB);
    assertThat(young.judged().verdict().family())
        .isEqualTo(almanac.core.judgement.verdict.Family.LEAVE_ALONE);
    var seen = PlantAtHand.of("encyclia").potted(18).saw(Items.NEW_ROOTS, RootStage.ANCHORED);
    assertThat(seen.judged().verdict().inHand()).isFalse();
  }

  /** From the end of October to the end of February; the wait for its end comes after. */
  private static boolean inARest(String kind, LocalDate day) {
    return Set.of("catasetum", "dendrobium-deciduous", "coelogyne").contains(kind)
        && (day.getMonthValue() <= 3 || day.getMonthValue() >= 10);
  }

  @Test
  void theReadiestBeforeTheDeadlineIsTakenAndOfThoseThatAreAlikeTheFirst() {
    int waited = 0;
    for (var generated : Generated.plants()) {
      var judged = generated.plant().judged();
      if (!(judged.timing() instanceof Timing.Waits waits)
          || judged.need() >= 85
          || waits.awaited().conditions().contains(WaitCondition.LOOK_AT_ROOTS)
          || waits.awaited().conditions().contains(WaitCondition.OWN_ROOTS)
          || waits.awaited().conditions().contains(WaitCondition.BETTER_PLACE)) {
        continue;
      }
      var deadline = judged.ahead().deadline();
      boolean late = deadline.filter(day -> day.isBefore(generated.today())).isPresent();
      if (!late
          && deadline.isPresent()
          && !inARest(generated.kind(), deadline.get())
          && generated
              .plant()
              .situation()
              .conditions()
              .gateOpen(
                  deadline.get(),
                  generated.plant().situation().kind().warmth(),
                  Figures.standard())) {
        assertThat(waits.awaited().latest())
            .as("%s on %s: %s", generated.kind(), generated.today(), judged.advice())
            .isBeforeOrEqualTo(deadline.get());
        waited++;
      }
    }
    assertThat(waited).isGreaterThan(30);
  }

  @Test
  void itsMediumMayGoButAWaitDoesNotGoBeyondThat() {
    var judged =
        PlantAtHand.of("encyclia").potted(30).saw(Items.NEW_ROOTS, RootStage.ANCHORED).judged();
    assertThat(judged.verdict()).isEqualTo(Verdict.WAIT_FOR);
    assertThat(awaited(judged).latest()).isEqualTo(judged.ahead().deadline().orElseThrow());
  }

  @Test
  void aPlantThatWaitsSeesNoLaterDayBecauseTimeHasPassed() {
    LocalDate[] days = new LocalDate[4];
    for (int week = 0; week < days.length; week++) {
      var plant =
          PlantAtHand.of("oncidium", MAY.plusWeeks(week))
              .pottedOn(MAY.minusMonths(30))
              .daysAgo(7 * week)
              .rootsOf(30)
              .saw(Items.STABILITY, Stability.FIRM);
      days[week] = awaited(plant.judged()).likely();
    }
    assertThat(days).containsOnly(days[0]);
  }

  @Test
  void whatIsAskedForHasALastDayThatDoesNotMove() {
    var first =
        PlantAtHand.of("phalaenopsis", MAY)
            .pottedOn(MAY.minusMonths(26))
            .saw(Items.NEW_ROOTS, RootStage.LONG)
            .judged();
    var later =
        PlantAtHand.of("phalaenopsis", MAY.plusDays(40))
            .pottedOn(MAY.minusMonths(26))
            .daysAgo(40)
            .saw(Items.NEW_ROOTS, RootStage.LONG)
            .judged();
    assertThat(first.timing()).isEqualTo(new Timing.Between(MAY, LocalDate.of(2027, 10, 7)));
    assertThat(later.ahead().nextMove().orElseThrow().latest())
        .isEqualTo(LocalDate.of(2027, 10, 7));
  }

  @Test
  void whatIsOverItsLastDayIsLateAndSaysSo() {
    var judged =
        PlantAtHand.of("coelogyne").potted(40).saw(Items.NEW_ROOTS, RootStage.NONE).judged();
    assertThat(judged.ahead().deadline().orElseThrow()).isBefore(MAY);
    assertThat(judged.timing())
        .isEqualTo(new Timing.Until(judged.ahead().deadline().orElseThrow()));
    assertThat(judged.advice().toString()).contains(" late: it should have been moved by ");
  }

  @Test
  void leadsGoOnToTheRim() {
    var roomy =
        PlantAtHand.of("oncidium")
            .potted(2, Mix.of(Component.PUMICE))
            .measured(Items.RIM, 40)
            .judged();
    assertThat(roomy.verdict().inHand()).isFalse();
    var next = roomy.ahead().nextMove().orElseThrow();
    assertThat(next.likely())
        .as("30 mm a year, from a season of room on")
        .isBetween(MAY.plusMonths(6), MAY.plusMonths(18));
    assertThat(roomy.ahead().deadline().orElseThrow())
        .as("past the rim by a growth of 20 mm: two years of growth")
        .isBetween(MAY.plusMonths(22), MAY.plusMonths(26));
  }

  @ParameterizedTest
  @CsvSource({"STARTING, 4", "HALF_GROWN, 1", "NEARLY_MATURE, 6", "RESTING, 4"})
  void theNextRootsComeWithTheGrowthThatWasSeen(GrowthStage growth, int months) {
    var judged =
        PlantAtHand.of("encyclia")
            .underLights()
            .potted(26)
            .saw(Items.NEW_ROOTS, RootStage.NONE)
            .saw(Items.GROWTH, growth)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MIXED)
            .judged();
    assertThat(at(judged, WaitCondition.NEXT_NUBS).likely())
        .as("a growth takes 8 months, and roots half way")
        .isBetween(MAY.plusMonths(months).minusDays(31), MAY.plusMonths(months).plusDays(31));
  }

  @Test
  void flowersAreWaitedForWhereTheyAreAllThatSpeaksAgainstIt() {
    var judged =
        PlantAtHand.of("phalaenopsis")
            .potted(24)
            .saw(Items.NEW_ROOTS, RootStage.SHORT)
            .saw(Items.BLOOM, Bloom.BUDS)
            .judged();
    assertThat(awaited(judged).conditions()).containsExactly(WaitCondition.FLOWERS_OVER);
    assertThat(awaited(judged).likely()).isEqualTo(MAY.plusDays(56));
  }

  @Test
  void everyPlantThatIsKeptHasAnExpectedNextMove() {
    int none = 0;
    for (var generated : Generated.plants()) {
      var judged = generated.plant().judged();
      var next = judged.ahead().nextMove();
      assertThat(next.isPresent())
          .as("%s on %s: %s", generated.kind(), generated.today(), judged.advice())
          .isEqualTo(
              judged.verdict() != Verdict.LET_GO
                  && (next.isPresent()
                      || judged.ahead().moments().stream().anyMatch(Moment::open)));
      next.ifPresent(
          wait -> {
            assertThat(wait.earliest()).isAfterOrEqualTo(generated.today());
            assertThat(wait.likely()).isBetween(wait.earliest(), wait.latest());
          });
      none += judged.verdict() == Verdict.LEAVE ? 1 : 0;
    }
    assertThat(none).isGreaterThan(50);
  }

  @Test
  void aPotInWhichNothingDecaysIsFullAfterSomeYears() {
    var judged = PlantAtHand.of("vanda").potted(6, Mix.of(Component.MOUNT)).rootsOf(80).judged();
    assertThat(judged.ahead().nextMove().orElseThrow().conditions())
        .contains(WaitCondition.POT_FULL);
    assertThat(judged.ahead().nextMove().orElseThrow().likely())
        .isEqualTo(MAY.minusMonths(6).plusYears(3));
  }

  @Test
  void whatATestShowedHasSomeWeeksFromThatDay() {
    var judged =
        PlantAtHand.of("encyclia")
            .potted(10)
            .daysAgo(9)
            .saw(Items.MEDIUM_PIECE, MediumPiece.MUSH)
            .daysAgo(0)
            .saw(Items.NEW_ROOTS, RootStage.NUB)
            .judged();
    assertThat(judged.ahead().deadline()).hasValue(MAY.minusDays(9).plusDays(28));
    var again =
        PlantAtHand.of("encyclia")
            .potted(10)
            .daysAgo(9)
            .saw(Items.MEDIUM_PIECE, MediumPiece.MUSH)
            .daysAgo(0)
            .saw(Items.MEDIUM_PIECE, MediumPiece.MUSH)
            .saw(Items.NEW_ROOTS, RootStage.NUB)
            .judged();
    assertThat(again.ahead().deadline())
        .as("seen again is not seen first")
        .isEqualTo(judged.ahead().deadline());
  }

  @Test
  void slippersStandNoLongerThanTheirMediumIsSpent() {
    var judged =
        PlantAtHand.of("paphiopedilum")
            .potted(20)
            .saw(Items.NEW_ROOTS, RootStage.ANCHORED)
            .judged();
    var other =
        PlantAtHand.of("encyclia").potted(20).saw(Items.NEW_ROOTS, RootStage.ANCHORED).judged();
    assertThat(judged.ahead().deadline().orElseThrow())
        .isBefore(other.ahead().deadline().orElseThrow());
    assertThat(judged.ahead().deadline().orElseThrow())
        .isBetween(MAY.plusMonths(3), MAY.plusMonths(5));
  }

  @Test
  void inTheDarkNothingIsOpenAndTheDaysAreNamedOnWhichItIs() {
    var judged =
        PlantAtHand.of("encyclia", DECEMBER)
            .potted(20)
            .measured(Items.RIM, -5)
            .saw(Items.NEW_ROOTS, RootStage.NUB)
            .judged();
    assertThat(judged.ahead().moments().get(0).open()).isFalse();
    assertThat(at(judged, WaitCondition.LIGHT).open()).isTrue();
    assertThat(at(judged, WaitCondition.LIGHT).likely()).isEqualTo(LocalDate.of(2028, 3, 5));
  }

  @Test
  void aBallIsMovedWholeOnlyAsLongAsItsMediumIsNotDue() {
    var judged =
        PlantAtHand.of("phalaenopsis", DECEMBER)
            .potted(20, Mix.of(Component.SPHAGNUM_BEST))
            .saw(Items.NEW_ROOTS, RootStage.NONE)
            .saw(Items.SURFACE_ROOTS, SurfaceRoots.IN_AIR)
            .saw(Items.ROOTS_IN_POT, RootsInPot.FIRM)
            .judged();
    assertThat(judged.method().intact()).isTrue();
    assertThat(List.copyOf(judged.ahead().moments()))
        .filteredOn(moment -> moment.likely().isAfter(DECEMBER.plusMonths(6)))
        .extracting(Moment::readiness)
        .as("opened, it is as ready as its roots are")
        .contains(80.0);
    var rim = PlantAtHand.of("oncidium").potted(2).saw(Items.RIM, Rim.ROOM).judged();
    assertThat(rim.ahead().moments()).hasSizeGreaterThan(3);
  }

  @Test
  void whatStillHoldsAtATestIsNotGoneByTheCalendar() {
    var judged =
        PlantAtHand.of("encyclia")
            .potted(40)
            .saw(Items.MEDIUM_PIECE, MediumPiece.KEEPS_SHAPE)
            .judged();
    assertThat(judged.ahead().deadline().orElseThrow()).isAfter(MAY.plusMonths(12));
  }

  @Test
  void aKindThatStartsFromRestIsMovedAgainAsTheNextGrowthStarts() {
    var judged =
        PlantAtHand.of("catasetum").potted(1).saw(Items.GROWTH, GrowthStage.HALF_GROWN).judged();
    var next = judged.ahead().nextMove().orElseThrow();
    assertThat(next.conditions()).contains(WaitCondition.START_OF_GROWTH);
    assertThat(next.likely()).isBetween(LocalDate.of(2028, 2, 15), LocalDate.of(2028, 4, 15));
  }

  @Test
  void aGrowthThatStartsInTheDarkIsMovedWhenTheLightCarriesIt() {
    var judged =
        PlantAtHand.of("catasetum", LocalDate.of(2028, 2, 5))
            .potted(11)
            .saw(Items.GROWTH, GrowthStage.STARTING)
            .judged();
    assertThat(awaited(judged).conditions()).containsExactly(WaitCondition.LIGHT);
  }
}
