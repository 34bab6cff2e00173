package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.inspection.Breakage;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Items;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Smell;
import almanac.core.judgement.moments.WaitCondition;
import almanac.core.judgement.reason.NoReason;
import almanac.core.judgement.verdict.Timing;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.roots.RootStage;
import org.junit.jupiter.api.Test;

/** What is found broken has consequences for readiness, verdict and checks. */
class BreakageTest {
  private static PlantAtHand wantsAMove() {
    return PlantAtHand.of("oncidium")
        .potted(26)
        .saw(Items.SMELL, Smell.STALE)
        .saw(Items.ROOTS_IN_POT, RootsInPot.MIXED)
        .saw(Items.NEW_ROOTS, RootStage.NUB);
  }

  @Test
  void whereTheLeadIsSnappedOffItWaitsForAnEye() {
    assertThat(wantsAMove().judged().verdict()).isEqualTo(Verdict.FULL_REPOT);
    var judged = wantsAMove().saw(Items.BREAKAGE, Breakage.LEAD_SNAPPED).judged();
    assertThat(judged.verdict()).isEqualTo(Verdict.WAIT_FOR);
    assertThat(((Timing.Waits) judged.timing()).awaited().conditions()).contains(WaitCondition.EYE);
    assertThat(judged.besides().care().toString()).contains("wound dry");
    assertThat(judged.looks().nextCheck().window().best())
        .as("a look after a month")
        .isEqualTo(PlantAtHand.MAY.plusDays(30));
  }

  @Test
  void anEyeThatSwellsEndsTheWaiting() {
    var mended =
        PlantAtHand.of("oncidium")
            .potted(26)
            .daysAgo(40)
            .saw(Items.BREAKAGE, Breakage.LEAD_SNAPPED)
            .daysAgo(0)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MIXED)
            .saw(Items.GROWTH, GrowthStage.EYE_SWELLING)
            .saw(Items.NEW_ROOTS, RootStage.SWELLING);
    assertThat(mended.judged().verdict()).isEqualTo(Verdict.FULL_REPOT);
  }

  @Test
  void theOnlyGrowthSnappedOffOffersTheLastChance() {
    var judged =
        PlantAtHand.of("oncidium")
            .potted(6)
            .saw(Items.BREAKAGE, Breakage.ONLY_LEAD_SNAPPED)
            .judged();
    assertThat(judged.besides().care().toString()).contains("Last chance");
  }

  @Test
  void whenAllNewTipsAreBrokenTheFlushIsDoneAndWhenSomeAreTheRestDecide() {
    var all = wantsAMove().saw(Items.BREAKAGE, Breakage.ALL_TIPS).judged();
    assertThat(all.found().roots().stage()).contains(RootStage.NONE);
    assertThat(all.verdict()).isEqualTo(Verdict.WAIT_FOR);
    var some = wantsAMove().saw(Items.BREAKAGE, Breakage.SOME_TIPS).judged();
    assertThat(some.found().roots().stage()).contains(RootStage.NUB);
    assertThat(some.verdict()).isEqualTo(Verdict.FULL_REPOT);
  }

  @Test
  void chewedTipsAreLookedIntoAndAPartedRhizomeIsADivision() {
    var chewed =
        PlantAtHand.of("oncidium").potted(6).saw(Items.BREAKAGE, Breakage.TIPS_CHEWED).judged();
    assertThat(chewed.verdict()).isEqualTo(Verdict.LIFT_AND_LOOK);
    var parted = wantsAMove().saw(Items.BREAKAGE, Breakage.PARTED).judged();
    assertThat(parted.verdict()).isEqualTo(Verdict.DIVIDE);
  }

  @Test
  void aBrokenLongRootOrLeafIsWrittenDownAndNoReason() {
    var branching =
        PlantAtHand.of("oncidium").potted(6).saw(Items.BREAKAGE, Breakage.LONG_ROOT).judged();
    assertThat(branching.weighed().reasons())
        .filteredOn(reason -> reason.basis() == NoReason.BROKEN_ROOT)
        .singleElement()
        .satisfies(reason -> assertThat(reason.sentence().toString()).contains("side roots"));
    var slipper =
        PlantAtHand.of("paphiopedilum").potted(6).saw(Items.BREAKAGE, Breakage.LONG_ROOT).judged();
    assertThat(slipper.weighed().reasons())
        .filteredOn(reason -> reason.basis() == NoReason.BROKEN_ROOT)
        .singleElement()
        .satisfies(reason -> assertThat(reason.sentence().toString()).contains("lost"));
    var leaf =
        PlantAtHand.of("oncidium").potted(6).saw(Items.BREAKAGE, Breakage.LEAF_OR_SPIKE).judged();
    assertThat(leaf.need()).isZero();
  }
}
