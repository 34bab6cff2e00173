package almanac.core.judgement;

import static almanac.core.judgement.PlantAtHand.MAY;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.checks.Purpose;
import almanac.core.figures.Figures;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Items;
import almanac.core.inspection.RootsInPot;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.MomentFigures;
import almanac.core.judgement.moments.WaitCondition;
import almanac.core.judgement.reason.Scale;
import almanac.core.judgement.verdict.Timing;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.junit.jupiter.api.Test;

class TimingTest {

  @Test
  void atTheNubsItIsUntilTheyAreTooLong() {
    var judged = PlantAtHand.of("oncidium").potted(26).rootsOf(6).judged();
    assertThat(judged.timing()).isEqualTo(new Timing.Between(MAY, MAY.plusDays(5)));
    assertThat(judged.advice())
        .hasToString(
            "A good moment, not a must: until 2027-05-20, while the new roots are nubs. The next"
                + " moment as good is about 2028-08-21, with its medium 170 % used.");
  }

  @Test
  void aWaitNamesWhatAndWhen() {
    var judged =
        PlantAtHand.of("oncidium")
            .potted(26)
            .rootsOf(32)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MIXED)
            .judged();
    assertThat(judged.timing()).isInstanceOf(Timing.Waits.class);
    var wait = ((Timing.Waits) judged.timing()).awaited();
    assertThat(wait.conditions()).containsExactly(WaitCondition.LONG_ROOTS);
    assertThat(wait.likely())
        .as("68 mm at about 17 mm a week, rather later than sooner")
        .isEqualTo(MAY.plusDays(30));
    assertThat(judged.looks().nextCheck().window().best()).isBefore(wait.earliest());
  }

  @Test
  void whereFlowersAreAllThatSpeaksAgainstItTheyAreWaitedFor() {
    var judged =
        PlantAtHand.of("cattleya-one-leaved")
            .potted(26)
            .saw(Items.NEW_ROOTS, RootStage.SHORT)
            .saw(Items.BLOOM, Bloom.BUDS)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MIXED)
            .judged();
    var wait = ((Timing.Waits) judged.timing()).awaited();
    assertThat(wait.conditions()).containsExactly(WaitCondition.FLOWERS_OVER);
    assertThat(wait.likely()).isEqualTo(MAY.plusWeeks(8));
  }

  @Test
  void inTheDarkItWaitsForTheDayOnWhichTheLightCarriesIt() {
    var judged =
        PlantAtHand.of("phalaenopsis", PlantAtHand.DECEMBER)
            .potted(26)
            .saw(Items.NEW_ROOTS, RootStage.ANCHORED)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MIXED)
            .judged();
    var wait = ((Timing.Waits) judged.timing()).awaited();
    assertThat(wait.conditions()).containsExactly(WaitCondition.NEW_TIPS);
    assertThat(wait.earliest()).as("not before the light").isEqualTo(LocalDate.of(2028, 3, 5));
    assertThat(wait.likely()).isBetween(LocalDate.of(2028, 3, 5), LocalDate.of(2028, 3, 18));
  }

  @Test
  void nubsOutOfSeasonHurryNobodyAndTheLookComesBeforeTheLightDoes() {
    for (var day : List.of(LocalDate.of(2027, 11, 20), LocalDate.of(2028, 2, 10))) {
      var judged =
          PlantAtHand.of("miltonia-brassia", day)
              .potted(14)
              .measured(Items.RIM, -8)
              .rootsOf(6)
              .judged();
      assertThat(judged.verdict()).isEqualTo(Verdict.WAIT_FOR);
      var wait = ((Timing.Waits) judged.timing()).awaited();
      var best = judged.looks().nextCheck().window().best();
      assertThat(best).isBefore(wait.likely());
      assertThat(ChronoUnit.DAYS.between(day, best)).isGreaterThan(14);
    }
    var may = PlantAtHand.of("miltonia-brassia").potted(14).rootsOf(6).judged();
    assertThat(ChronoUnit.DAYS.between(MAY, may.looks().nextCheck().window().best()))
        .as("in season the look comes before the nubs are past")
        .isLessThan(14);
  }

  @Test
  void unseenRootsAreLookedAtFirst() {
    var judged =
        PlantAtHand.of("oncidium").potted(26).saw(Items.ROOTS_IN_POT, RootsInPot.MIXED).judged();
    var wait = ((Timing.Waits) judged.timing()).awaited();
    assertThat(wait.conditions()).containsExactly(WaitCondition.LOOK_AT_ROOTS);
    assertThat(judged.looks().nextCheck().window().late()).isEqualTo(MAY.plusDays(3));
  }

  @Test
  void aPlantNobodyHasLookedAtIsLookedAtSoon() {
    var judged = PlantAtHand.of("oncidium").potted(3).judged();
    assertThat(judged.looks().nextCheck().purpose()).isEqualTo(Purpose.FIRST_LOOK);
    assertThat(judged.looks().nextCheck().window().late()).isEqualTo(MAY.plusDays(14));
  }

  @Test
  void aQuietPlantIsSeenWithinFourMonthsAndBeforeItsMediumTurnsDue() {
    var fresh = PlantAtHand.of("oncidium").potted(1).saw(Items.BLOOM, Bloom.NONE).judged();
    assertThat(fresh.verdict()).isEqualTo(Verdict.LEAVE);
    assertThat(ChronoUnit.DAYS.between(MAY, fresh.looks().nextCheck().window().best()))
        .isEqualTo(120);
    var mature = PlantAtHand.of("oncidium").potted(16).saw(Items.BLOOM, Bloom.NONE).judged();
    assertThat(ChronoUnit.DAYS.between(MAY, mature.looks().nextCheck().window().best()))
        .isLessThan(105);
  }

  @Test
  void growingRootsAreJudgedByWhereTheyAreNow() {
    var then = PlantAtHand.of("oncidium").potted(26).daysAgo(14).rootsOf(6);
    var readiness =
        then.judged().weighed().reasons().stream()
            .filter(reason -> reason.scale() == Scale.READINESS)
            .findFirst()
            .orElseThrow();
    assertThat(readiness.sentence().toString())
        .startsWith("Newest roots about 40 mm, from 6 mm on 2027-05-01");
  }

  @Test
  void whatIsTooOldIsAGuessWithoutAFigureAndDecidesNoRepot() {
    var old = PlantAtHand.of("oncidium").potted(26).daysAgo(40).rootsOf(15).judged();
    assertThat(old.weighed().reasons())
        .extracting(reason -> reason.sentence().toString())
        .anyMatch(
            words ->
                words.equals(
                    "Newest roots probably long by now: nobody has looked since 2027-04-05"));
    assertThat(((Timing.Waits) old.timing()).awaited().conditions())
        .containsExactly(WaitCondition.LOOK_AT_ROOTS);
    var seen = PlantAtHand.of("oncidium").potted(26).daysAgo(10).rootsOf(110).judged();
    assertThat(seen.verdict()).isEqualTo(Verdict.FULL_REPOT);
    var byEye =
        PlantAtHand.of("oncidium").potted(26).daysAgo(10).saw(Items.NEW_ROOTS, RootStage.NUB);
    assertThat(byEye.judged().weighed().reasons())
        .extracting(reason -> reason.sentence().toString())
        .anyMatch(words -> words.startsWith("Newest roots short by now, nubs on 2027-05-05"));
  }

  @Test
  void anOldLookIsNamedAsStaleAndNotTakenForToday() {
    var judged =
        PlantAtHand.of("oncidium")
            .potted(12)
            .daysAgo(70)
            .saw(Items.NEW_ROOTS, RootStage.NONE)
            .saw(Items.BLOOM, Bloom.BUDS)
            .judged();
    assertThat(judged.looks().stale()).containsExactly(Items.BLOOM, Items.NEW_ROOTS);
    assertThat(judged.looks().notLookedAt()).doesNotContain(Items.BLOOM, Items.NEW_ROOTS);
    assertThat(judged.weighed().readinessMost()).isGreaterThan(judged.readiness());
  }

  @Test
  void aCollectorsOwnFigureChangesTheVerdict() {
    var plant = PlantAtHand.of("oncidium").potted(20).saw(Items.NEW_ROOTS, RootStage.NUB);
    assertThat(plant.judged().verdict()).isEqualTo(Verdict.FULL_REPOT);
    var patient =
        Figures.standard()
            .with(JudgementFigures.LEAVE_BELOW, 45)
            .with(MomentFigures.LITTLE_NEED, 45);
    assertThat(plant.judged(patient).verdict()).isNotEqualTo(Verdict.FULL_REPOT);
  }
}
