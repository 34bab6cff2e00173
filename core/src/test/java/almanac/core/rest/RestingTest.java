package almanac.core.rest;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Bulbs;
import almanac.core.inspection.Fix;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Items;
import almanac.core.inspection.LeafMarks;
import almanac.core.inspection.Leaves;
import almanac.core.inspection.Pests;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.inspection.Stability;
import almanac.core.inspection.Wetness;
import almanac.core.judgement.Generated;
import almanac.core.judgement.PlantAtHand;
import almanac.core.judgement.compare.DecidingLooks;
import almanac.core.judgement.moments.WaitCondition;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Timing;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.StandardKinds;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RestingTest {
  private static final LocalDate JANUARY = LocalDate.of(2027, 1, 15);
  private static final LocalDate MARCH = LocalDate.of(2027, 3, 5);

  private static Resting rest(PlantAtHand plant) {
    return plant.judged().found().rest();
  }

  private static PlantAtHand catasetum(LocalDate day) {
    return PlantAtHand.of("catasetum", day).potted(10);
  }

  @ParameterizedTest
  @CsvSource({
    "catasetum, 2026-09-20, IN_GROWTH",
    "catasetum, 2026-10-26, IN_GROWTH",
    "catasetum, 2026-10-27, GOING",
    "catasetum, 2026-11-25, GOING",
    "catasetum, 2026-11-26, AT_REST",
    "catasetum, 2027-02-10, AT_REST",
    "catasetum, 2027-02-12, WAKING",
    "catasetum, 2027-06-08, WAKING",
    "catasetum, 2027-06-09, IN_GROWTH",
    "dendrobium-deciduous, 2027-02-23, AT_REST",
    "dendrobium-deciduous, 2027-02-24, WAKING",
    "dendrobium-deciduous, 2027-03-24, IN_GROWTH",
    "coelogyne, 2027-02-28, AT_REST",
    "coelogyne, 2027-03-01, WAKING",
    "oncidium, 2027-01-15, IN_GROWTH",
    "cattleya-one-leaved, 2027-01-15, IN_GROWTH"
  })
  void theCalendarSaysWhatNobodyHasSeen(String kind, LocalDate day, RestPhase phase) {
    assertThat(rest(PlantAtHand.of(kind, day).potted(6)).phase()).isEqualTo(phase);
  }

  @Test
  void southOfTheLineItIsHalfAYearLater() {
    var july = LocalDate.of(2027, 7, 15);
    assertThat(rest(catasetum(july).inTheSouth()).phase()).isEqualTo(RestPhase.AT_REST);
    assertThat(rest(catasetum(JANUARY).inTheSouth()).phase()).isEqualTo(RestPhase.IN_GROWTH);
  }

  @Test
  void whatWasSeenMovesIt() {
    var early = LocalDate.of(2026, 11, 10);
    assertThat(rest(catasetum(early).saw(Items.GROWTH, GrowthStage.RESTING)).phase())
        .isEqualTo(RestPhase.AT_REST);
    assertThat(rest(catasetum(early).saw(Items.LEAF_MARKS, LeafMarks.LEAF_LOSS)).phase())
        .isEqualTo(RestPhase.AT_REST);
    assertThat(rest(catasetum(early).saw(Items.GROWTH, GrowthStage.HALF_GROWN)).phase())
        .isEqualTo(RestPhase.IN_GROWTH);
    assertThat(rest(catasetum(JANUARY).saw(Items.GROWTH, GrowthStage.STARTING)).phase())
        .isEqualTo(RestPhase.WAKING);
    var den = PlantAtHand.of("dendrobium-deciduous", JANUARY).potted(8);
    assertThat(rest(den.saw(Items.BLOOM, Bloom.BUDS)).phase()).isEqualTo(RestPhase.IN_GROWTH);
  }

  @Test
  void theFirstWaterComesWithItsRootsAndNeverSooner() {
    var starts = catasetum(MARCH).saw(Items.GROWTH, GrowthStage.STARTING);
    assertThat(rest(starts).keptDry()).isTrue();
    assertThat(rest(starts).words().orElseThrow().toString()).contains("First water when");
    assertThat(rest(starts.saw(Items.NEW_ROOTS, RootStage.NUB)).phase())
        .isEqualTo(RestPhase.IN_GROWTH);
    var later = catasetum(LocalDate.of(2027, 7, 1)).daysAgo(118);
    assertThat(rest(later.saw(Items.GROWTH, GrowthStage.STARTING)).phase())
        .isEqualTo(RestPhase.IN_GROWTH);
  }

  @Test
  void aCattleyaRestsSomeWeeksOnceItsBulbIsRipe() {
    var june = LocalDate.of(2027, 6, 20);
    var ripe =
        PlantAtHand.of("cattleya-one-leaved", june)
            .potted(12)
            .daysAgo(50)
            .saw(Items.GROWTH, GrowthStage.NEARLY_MATURE)
            .daysAgo(30)
            .saw(Items.GROWTH, GrowthStage.MATURE)
            .daysAgo(2)
            .saw(Items.GROWTH, GrowthStage.RESTING);
    assertThat(rest(ripe).phase()).isEqualTo(RestPhase.AT_REST);
    assertThat(rest(ripe).wakes()).isEqualTo(june.minusDays(30).plusDays(42));
    assertThat(rest(ripe).holdsAMove()).isFalse();
    assertThat(rest(ripe.saw(Items.NEW_ROOTS, RootStage.SHORT)).phase())
        .isEqualTo(RestPhase.IN_GROWTH);
    var over =
        PlantAtHand.of("cattleya-one-leaved", june)
            .potted(12)
            .daysAgo(42)
            .saw(Items.GROWTH, GrowthStage.MATURE);
    assertThat(rest(over).phase()).isEqualTo(RestPhase.IN_GROWTH);
  }

  @Test
  void whatIsAsItShouldBeIsNoFinding() {
    var leafless =
        catasetum(JANUARY)
            .saw(Items.LEAF_MARKS, LeafMarks.LEAF_LOSS)
            .saw(Items.BULBS, Bulbs.SHRIVELLED)
            .saw(Items.WETNESS, Wetness.DRY)
            .saw(Items.ROOTS_IN_POT, RootsInPot.NONE)
            .saw(Items.GROWTH, GrowthStage.NONE)
            .saw(Items.STABILITY, Stability.LOOSE)
            .judged();
    assertThat(leafless.verdict()).isNotIn(Verdict.RESCUE, Verdict.LET_GO, Verdict.LIFT_AND_LOOK);
    assertThat(leafless.besides().smallJobs())
        .extracting(job -> job.fix())
        .containsExactly(Fix.STAKE);
    assertThat(leafless.found().rest().words().orElseThrow().toString())
        .isEqualTo(
            "At rest: keep it dry and unfed until its new growth has roots, not before 2027-03-11.");
    var thirsty =
        PlantAtHand.of("dendrobium-deciduous", JANUARY)
            .potted(8)
            .saw(Items.LEAVES, Leaves.WRINKLED)
            .saw(Items.WETNESS, Wetness.WET)
            .judged();
    assertThat(thirsty.need()).isZero();
  }

  @Test
  void rotAndPestsCountAsEver() {
    var rotting = catasetum(JANUARY).saw(Items.ROT, Rot.SOFT_LEAD).judged();
    assertThat(rotting.verdict()).isEqualTo(Verdict.RESCUE);
    var eaten = catasetum(JANUARY).saw(Items.PESTS, Pests.ROOT_MEALYBUG).judged();
    assertThat(eaten.verdict()).isEqualTo(Verdict.RESCUE);
  }

  @Test
  void aMoveWaitsForItsEnd() {
    var spent =
        PlantAtHand.of("dendrobium-deciduous", LocalDate.of(2026, 11, 5))
            .underLights()
            .potted(26)
            .saw(Items.NEW_ROOTS, RootStage.NUB)
            .judged();
    assertThat(((Timing.Waits) spent.timing()).awaited().likely())
        .isAfterOrEqualTo(LocalDate.of(2027, 2, 24));
    assertThat(spent.ahead().moments().stream().flatMap(moment -> moment.brings().stream()))
        .contains(WaitCondition.REST_OVER);
  }

  @Test
  void itIsLookedAtAsItWakesAndThenWeekly() {
    var asleep = catasetum(JANUARY).saw(Items.LEAVES, Leaves.FIRM).judged();
    assertThat(asleep.looks().nextCheck().window().best())
        .isBetween(JANUARY.plusDays(25), LocalDate.of(2027, 3, 11));
    var waking = catasetum(MARCH).saw(Items.LEAVES, Leaves.FIRM).judged();
    assertThat(waking.looks().nextCheck().window().best()).isEqualTo(MARCH.plusDays(7));
  }

  @Test
  void nothingThatWetsOrUnpotsIsAskedOfWhatRests() {
    var wets = Set.of(Fix.FLUSH, Fix.FLUSH_SOUR, Fix.FLUSH_SALTS, Fix.WATER, Fix.WATER_MORE);
    var judge = new Judge(Figures.standard());
    int resting = 0;
    int asked = 0;
    for (var generated : Generated.plants()) {
      if (StandardKinds.named(generated.kind()).orElseThrow().rest().ofWinter()) {
        var situation = generated.plant().situation();
        var judged = judge.judge(situation);
        var rest = judged.found().rest();
        if (!rest.keptDry()) {
          continue;
        }
        resting++;
        var looks = new DecidingLooks(judge).of(situation, judged);
        asked += looks.size();
        assertThat(looks)
            .extracting(look -> (Object) look.spot().item())
            .doesNotContain(Items.BUBBLES, Items.SINKING, Items.SOAK_PH, Items.ROOTS_IN_POT);
        assertThat(judged.verdict()).isNotEqualTo(Verdict.LIFT_AND_LOOK);
        assertThat(judged.besides().smallJobs())
            .extracting(job -> job.fix())
            .doesNotContainAnyElementsOf(wets);
      }
    }
    assertThat(resting).isGreaterThan(40);
    assertThat(asked).isGreaterThan(5);
  }
}
