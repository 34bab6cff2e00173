package almanac.core.judgement;

import static almanac.core.judgement.PlantAtHand.MAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthTrend;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.LeafMarks;
import almanac.core.inspection.Leaves;
import almanac.core.inspection.Pests;
import almanac.core.inspection.PotState;
import almanac.core.inspection.RootTips;
import almanac.core.inspection.RootsCrowding;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.inspection.Sinking;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Stability;
import almanac.core.inspection.Surface;
import almanac.core.inspection.SurfaceLevel;
import almanac.core.inspection.SurfaceRoots;
import almanac.core.inspection.Wetness;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.reason.NoReason;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Scale;
import almanac.core.judgement.risk.Handling;
import almanac.core.judgement.verdict.Family;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Step;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What each finding counts by itself, in a medium that has no say. */
class NeedsTest {

  private static PlantAtHand inStones(String kind) {
    return PlantAtHand.of(kind).potted(6, Mix.of(Component.PUMICE));
  }

  private static <A extends Enum<A> & Answer> void see(
      PlantAtHand plant, Item<A> item, String name) {
    if (name.matches("-?\\d+")) {
      plant.measured(item, Double.parseDouble(name));
    } else {
      plant.saw(
          item,
          item.answers().stream().filter(a -> a.name().equals(name)).findFirst().orElseThrow());
    }
  }

  @ParameterizedTest(name = "{0}: {1} {2} counts {3}")
  @CsvSource({
    "oncidium, smell, SOUR, 20",
    "oncidium, rootsInPot, MIXED, 15",
    "oncidium, rootsInPot, FIRM, 0",
    "oncidium, rim, OVER, 35",
    "oncidium, rim, -1, 35",
    "oncidium, rim, 5, 25",
    "oncidium, rim, 14, 25",
    "oncidium, rim, 16, 12",
    "oncidium, rim, 29, 12",
    "oncidium, rim, 31, 0",
    "miltonia-brassia, rim, 31, 25",
    "oncidium, rim, JAMMED, 45",
    "oncidium, rim, DEFORMING, 45",
    "oncidium, surfaceRoots, IN_AIR, 30",
    "oncidium, surfaceRoots, AT_SURFACE, 0",
    "oncidium, level, 9, 0",
    "oncidium, level, 10, 15",
    "oncidium, level, 19, 15",
    "oncidium, level, 20, 25",
    "paphiopedilum, level, 5, 15",
    "paphiopedilum, level, 10, 25",
    "oncidium, stability, SLIGHT_WOBBLE, 8",
    "oncidium, stability, LOOSE, 25",
    "oncidium, stability, LEANING, 25",
    "oncidium, stability, TIPPING, 25",
    "oncidium, growthTrend, SMALLER, 15",
    "oncidium, growthTrend, SMALLER_TWICE, 25",
    "oncidium, growthTrend, EQUAL, 0",
    "oncidium, bubbles, NONE, 20",
    "oncidium, bubbles, FEW, 0",
    "paphiopedilum, bubbles, NONE, 0",
    "oncidium, pot, FAR_TOO_LARGE, 20",
    "oncidium, pot, BRITTLE, 15",
    "oncidium, pot, TOO_SMALL, 0",
    "oncidium, company, SEVERAL_WANTED_APART, 10",
    "oncidium, company, SEVERAL, 0",
    "oncidium, crowding, OUT_OF_HOLES, 5",
    "oncidium, crowding, CROWDED, 0",
    "sobralia, crowding, CROWDED, 0",
    "paphiopedilum, crowding, CIRCLING, 0",
    "oncidium, breakage, TIPS_CHEWED, 25",
    "oncidium, breakage, LONG_ROOT, 0",
    "oncidium, breakage, LEAF_OR_SPIKE, 0",
    "oncidium, surface, WEEDS, 5",
    "catasetum, growth, STARTING, 0",
    "oncidium, growth, STARTING, 0"
  })
  void eachFindingCountsByItself(String kind, String item, String seen, double points) {
    var plant = inStones(kind);
    see(plant, Items.named(item).orElseThrow(), seen);
    assertThat(plant.judged().need()).isEqualTo(points);
  }

  @ParameterizedTest(name = "{0} crowded, and a weed in it: {1}")
  @CsvSource({"oncidium, 10", "sobralia, 15", "paphiopedilum, 15"})
  void aCrowdedPotCountsOnlyBesideAnotherReason(String kind, double points) {
    var plant =
        inStones(kind).saw(Items.CROWDING, RootsCrowding.CROWDED).saw(Items.SURFACE, Surface.WEEDS);
    assertThat(plant.judged().need()).isEqualTo(points);
  }

  @ParameterizedTest(name = "{0} months of 24: {1} points")
  @CsvSource({"12, 0", "18, 20.8", "22, 36.7", "24, 45", "29, 55", "40, 60", "80, 60"})
  void usedLifeCountsInStraightLines(int months, double points) {
    assertThat(PlantAtHand.of("oncidium").potted(months).judged().need())
        .isCloseTo(points, within(1.5));
  }

  @Test
  void needsAddUpToAHundredAtTheMost() {
    var plant = PlantAtHand.of("oncidium").potted(40).saw(Items.SURFACE_ROOTS, SurfaceRoots.IN_AIR);
    assertThat(plant.judged().need()).isEqualTo(90);
    plant.measured(Items.RIM, -5);
    assertThat(plant.judged().need()).isEqualTo(100);
  }

  @Test
  void measuredSizesOutrankTheEye() {
    var plant =
        inStones("oncidium")
            .saw(Items.GROWTH_TREND, GrowthTrend.SMALLER)
            .measured(Items.NEWEST_SIZE, 86)
            .measured(Items.FORMER_SIZE, 100);
    assertThat(plant.judged().need()).isZero();
    assertThat(plant.measured(Items.NEWEST_SIZE, 85).judged().need()).isEqualTo(15);
  }

  @ParameterizedTest(name = "at first 8 days, now {0}: {1}")
  @CsvSource({"13, 15", "12, 0", "8, 0", "4, 0", "3, 8"})
  void daysToDryAreHeldAgainstItsOwnBeginning(double days, double points) {
    var plant = dried(inStones("oncidium"), days);
    assertThat(plant.judged().need()).isEqualTo(points);
  }

  private static PlantAtHand dried(PlantAtHand plant, double now) {
    return plant
        .daysAgo(56)
        .measured(Items.DAYS_TO_DRY, 8)
        .daysAgo(50)
        .measured(Items.DAYS_TO_DRY, 8)
        .daysAgo(2)
        .measured(Items.DAYS_TO_DRY, now)
        .daysAgo(0)
        .measured(Items.DAYS_TO_DRY, now);
  }

  @Test
  void oneReadingIsWeatherAndAnotherSeasonIsAnother() {
    var once =
        inStones("oncidium")
            .daysAgo(56)
            .measured(Items.DAYS_TO_DRY, 8)
            .daysAgo(50)
            .measured(Items.DAYS_TO_DRY, 8)
            .daysAgo(0)
            .measured(Items.DAYS_TO_DRY, 16);
    assertThat(once.judged().need()).isZero();
    var oneDay = once.daysAgo(1).measured(Items.DAYS_TO_DRY, 16).judged();
    assertThat(oneDay.need()).isZero();
    var winter =
        inStones("oncidium")
            .daysAgo(120)
            .measured(Items.DAYS_TO_DRY, 8)
            .daysAgo(110)
            .measured(Items.DAYS_TO_DRY, 8)
            .daysAgo(2)
            .measured(Items.DAYS_TO_DRY, 16)
            .daysAgo(0)
            .measured(Items.DAYS_TO_DRY, 16);
    assertThat(winter.judged().need()).isZero();
    var mounted = PlantAtHand.of("vanda").potted(26, Mix.of(Component.MOUNT));
    assertThat(dried(mounted, 16).judged().need()).isZero();
  }

  @Test
  void waterThatStandsIsANeedAndHasItLiftedWhileNobodySeesTheRoots() {
    var stands = inStones("oncidium").saw(Items.SINKING, Sinking.STANDS);
    assertThat(stands.judged().need()).isEqualTo(30);
    assertThat(stands.judged().verdict()).isEqualTo(Verdict.LIFT_AND_LOOK);
  }

  @Test
  void aCrustIsFlushedAndCountsOnlyWithDeadTips() {
    var crust = inStones("oncidium").saw(Items.SURFACE, Surface.CRUST);
    assertThat(crust.judged().need()).isZero();
    assertThat(crust.judged().besides().care())
        .extracting(Object::toString)
        .containsExactly("Flush the crust out with plain water");
    assertThat(crust.saw(Items.ROOT_TIPS, RootTips.STOPPED).judged().need()).isEqualTo(20);
  }

  @Test
  void moreSaltThanTheCollectorAllowsIsANeedAndIsFlushedTillTheMove() {
    var most = Figures.standard().of(NeedFigures.MOST_SALTS);
    assertThat(inStones("oncidium").measured(Items.SALTS, most).judged().need()).isZero();
    var salty = inStones("oncidium").measured(Items.SALTS, most + 0.1).judged();
    assertThat(salty.need()).isEqualTo(20);
    assertThat(salty.method().opened()).isEqualTo(Handling.Opened.ALL);
    assertThat(salty.besides().care())
        .extracting(Object::toString)
        .containsExactly("Flush the salts out with plain water");
    var crusted =
        inStones("oncidium")
            .measured(Items.SALTS, most + 0.1)
            .saw(Items.SURFACE, Surface.CRUST)
            .judged();
    assertThat(crusted.besides().care()).hasSize(1);
  }

  @Test
  void aPlantThatWiltsAfterItsMoveLosesItsSpike() {
    var wilts =
        PlantAtHand.of("oncidium")
            .potted(2)
            .saw(Items.LEAVES, Leaves.WRINKLED)
            .saw(Items.BLOOM, Bloom.SPIKE)
            .judged();
    assertThat(wilts.besides().care())
        .extracting(Object::toString)
        .containsExactly("It wilts after its move: cut the spike, and keep it shaded and humid");
    assertThat(wilts.looks().nextCheck().window().best()).isEqualTo(MAY.plusDays(7));
  }

  @Test
  void oldRootsThatDieOffAfterAChangeOfMediumAreNoHazard() {
    var settles =
        PlantAtHand.of("oncidium")
            .potted(2)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT)
            .saw(Items.NEW_ROOTS, RootStage.NUB);
    assertThat(settles.judged().verdict().family()).isEqualTo(Family.LEAVE_ALONE);
    assertThat(settles.saw(Items.SMELL, Smell.SOUR).judged().verdict()).isEqualTo(Verdict.RESCUE);
  }

  @Test
  void aSoftCrownIsDriedAndNotCutWhereThereIsOneStem() {
    var crown = PlantAtHand.of("phalaenopsis").potted(12).saw(Items.ROT, Rot.SOFT_CROWN).judged();
    assertThat(crown.method().steps()).containsExactlyInAnyOrder(Step.DRY_CROWN, Step.KEEP_APART);
    assertThat(crown.advice().toString())
        .isEqualTo("Dry its crown today. A side shoot from its base is its last chance.");
    var clump = PlantAtHand.of("oncidium").potted(12).saw(Items.ROT, Rot.SOFT_CROWN).judged();
    assertThat(clump.method().steps()).contains(Step.CUT_TO_CLEAN);
  }

  @Test
  void whatLeansIsSetFirmInTheSamePot() {
    var leans =
        PlantAtHand.of("oncidium")
            .potted(9, Mix.of(Component.PUMICE))
            .saw(Items.STABILITY, Stability.LEANING);
    assertThat(leans.judged().title()).isEqualTo("Set it firm");
    assertThat(leans.judged().method().words().toString())
        .isEqualTo("The ball whole into the same pot, a little deeper, firm and staked.");
    assertThat(leans.measured(Items.RIM, -5).judged().method().steps()).contains(Step.LARGER_POT);
    var poor = leans.saw(Items.ROOTS_IN_POT, RootsInPot.MIXED).judged();
    assertThat(poor.method().verdict()).isEqualTo(Verdict.FULL_REPOT);
  }

  @ParameterizedTest
  @EnumSource(Approach.class)
  void noApproachOffersMoreRoomToWhatCannotFillIt(Approach approach) {
    var judge = new Judge(Figures.standard(), approach);
    for (var plant :
        List.of(
            inStones("oncidium").measured(Items.RIM, -5).saw(Items.POT, PotState.FAR_TOO_LARGE),
            inStones("oncidium").measured(Items.RIM, -5).saw(Items.ROOTS_IN_POT, RootsInPot.NONE),
            PlantAtHand.of("oncidium")
                .potted(2, Mix.of(Component.PUMICE))
                .measured(Items.RIM, -5))) {
      assertThat(judge.judge(plant.situation()).method().steps()).doesNotContain(Step.LARGER_POT);
    }
  }

  @ParameterizedTest(name = "soak water from {0} to {1}: at least {2} % used")
  @CsvSource({"6.8, 6.4, 25", "6.8, 6.3, 80", "6.8, 5.8, 100", "6.2, 5.8, 25", "7.3, 6.3, 100"})
  void acidSoakWaterAgesTheMedium(double in, double ph, double used) {
    var plant = PlantAtHand.of("oncidium").potted(6).daysAgo(60).measured(Items.SOAK_PH, 6.8);
    var judged = plant.daysAgo(0).measured(Items.SOAK_IN, in).measured(Items.SOAK_PH, ph).judged();
    assertThat(judged.found().used().orElseThrow().likely()).isCloseTo(used, within(1.0));
  }

  @Test
  void whatIsNoReasonIsSaidAloudAndCountsNothing() {
    var judged =
        inStones("oncidium")
            .saw(Items.PESTS, Pests.SPRINGTAIL)
            .saw(Items.LEAF_MARKS, LeafMarks.OLDEST_DROPPING)
            .saw(Items.ROOTS_IN_POT, RootsInPot.DARK_FIRM)
            .judged();
    assertThat(judged.need()).isZero();
    assertThat(judged.weighed().reasons())
        .filteredOn(reason -> reason.scale() == Scale.NO_REASON)
        .extracting(Reason::basis)
        .containsExactlyInAnyOrder(NoReason.SPRINGTAILS, NoReason.OLD_LEAVES, NoReason.DARK_ROOTS);
  }

  @Test
  void aCrowdedPotIsSaidToBeNoReasonByItself() {
    var judged = inStones("oncidium").saw(Items.CROWDING, RootsCrowding.CROWDED).judged();
    assertThat(judged.verdict()).isEqualTo(Verdict.LEAVE);
    assertThat(judged.weighed().reasons()).extracting(Reason::basis).contains(NoReason.CROWDED);
  }

  @Test
  void careIsNamedWithoutUnpotting() {
    var judged =
        inStones("oncidium")
            .saw(Items.LEVEL, SurfaceLevel.SUNK)
            .saw(Items.SURFACE_ROOTS, SurfaceRoots.SHEATH_IN_WAY)
            .judged();
    assertThat(judged.verdict()).isEqualTo(Verdict.ADJUST_CARE);
    assertThat(judged.besides().care()).hasSize(2);
  }

  @Test
  void aRottenBackBulbAloneIsCutAwayWhileTheRootsStay() {
    var judged =
        inStones("oncidium")
            .saw(Items.ROT, Rot.SOFT_BACK_BULB)
            .saw(Items.ROOTS_IN_POT, RootsInPot.FIRM)
            .judged();
    assertThat(judged.verdict()).isEqualTo(Verdict.ADJUST_CARE);
    assertThat(judged.besides().care().get(0).toString())
        .startsWith("Cut the soft back bulb away today");
  }

  @Test
  void aMoveVoidsWhatWasSeenInThePotButNotWhatWasSeenAboveIt() {
    var plant =
        PlantAtHand.of("oncidium")
            .potted(20)
            .daysAgo(5)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT)
            .saw(Items.LEAF_MARKS, LeafMarks.SPOTS);
    plant.potted(0, Mix.of(Component.PUMICE));
    var judged = plant.judged();
    assertThat(judged.verdict()).isEqualTo(Verdict.LEAVE);
    assertThat(judged.looks().notLookedAt())
        .contains(Items.ROOTS_IN_POT)
        .doesNotContain(Items.LEAF_MARKS);
  }

  @ParameterizedTest(name = "{0} {1} days ago: {2}")
  @CsvSource({
    "stability, FIRM, 90, true",
    "stability, FIRM, 91, false",
    "rootsInPot, FIRM, 120, true",
    "rootsInPot, FIRM, 121, false",
    "stability, LOOSE, 91, true",
    "rootsInPot, MIXED, 121, true"
  })
  void whatWasWellLongAgoCalmsNobodyWhatWasBadStands(
      String item, String answer, int daysAgo, boolean said) {
    var plant = inStones("oncidium").daysAgo(daysAgo);
    see(plant, Items.named(item).orElseThrow(), answer);
    assertThat(plant.judged().weighed().reasons())
        .filteredOn(reason -> reason.look().filter(at -> at.spot().key().equals(item)).isPresent())
        .hasSize(said ? 1 : 0);
  }

  @ParameterizedTest(name = "{0} {1}: {2}")
  @CsvSource({
    "leafMarks, TIP_BURN, Flush the pot and halve the feed",
    "surface, ALGAE, Let more air to the surface and water less often",
    "surface, CRUST, Flush the crust out with plain water"
  })
  void howItIsWateredAndFedFollowsWhatIsSeenNow(String item, String answer, String care) {
    var plant = inStones("oncidium").daysAgo(140);
    see(plant, Items.named(item).orElseThrow(), answer);
    assertThat(plant.judged().besides().care()).isEmpty();
    see(plant.daysAgo(0), Items.named(item).orElseThrow(), answer);
    assertThat(plant.judged().besides().care()).extracting(Object::toString).containsExactly(care);
  }

  @Test
  void aLittleSlowOrFastIsCareAndNoNeed() {
    assertThat(dried(inStones("oncidium"), 6).judged().besides().care())
        .extracting(Object::toString)
        .containsExactly("Water it more often");
    assertThat(dried(inStones("oncidium"), 10).judged().besides().care())
        .extracting(Object::toString)
        .containsExactly("Wick the pot on absorbent cloth and give less");
  }

  @ParameterizedTest(name = "wrinkled {0} days ago, wet {1} days ago: {2}")
  @CsvSource({"10, 10, 25", "10, 12, 25", "10, 8, 25", "10, 13, 0", "0, 3, 0", "31, 31, 0"})
  void thirstInAWetMediumIsSeenTogether(int leaves, int wet, double points) {
    var plant =
        inStones("oncidium")
            .daysAgo(wet)
            .saw(Items.WETNESS, Wetness.WET)
            .daysAgo(leaves)
            .saw(Items.LEAVES, Leaves.WRINKLED);
    assertThat(plant.judged().need()).isEqualTo(points);
  }
}
