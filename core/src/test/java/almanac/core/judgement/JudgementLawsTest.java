package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Item;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Plug;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Spot;
import almanac.core.inspection.Stability;
import almanac.core.judgement.compare.Comparison;
import almanac.core.judgement.compare.Differences;
import almanac.core.judgement.reason.Scale;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.StandardKinds;
import almanac.core.medium.Piece;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every plant, tried on a few hundred plants made up from a seed. */
class JudgementLawsTest {
  private static final int PLANTS = 300;

  static Stream<Integer> seeds() {
    return IntStream.range(0, PLANTS).boxed();
  }

  private static <A extends Enum<A> & Answer> void maybe(
      Random random, Plant plant, Item<A> item, A[] answers) {
    if (random.nextInt(3) > 0) {
      plant.saw(item, answers[random.nextInt(answers.length)]);
    }
  }

  /** The same plant each time it is asked for. */
  private static Plant plant(int seed, int monthsMore) {
    var random = new Random(seed);
    var kinds = StandardKinds.standard();
    var plant =
        Plant.of(
            kinds.get(random.nextInt(kinds.size())).key(),
            random.nextBoolean() ? Plant.MAY : Plant.DECEMBER);
    plant.potted(7 + random.nextInt(36) + monthsMore);
    plant.daysAgo(random.nextInt(10));
    maybe(random, plant, Item.NEW_ROOTS, RootStage.values());
    maybe(random, plant, Item.BLOOM, Bloom.values());
    maybe(random, plant, Item.STABILITY, Stability.values());
    maybe(random, plant, Item.ROOTS_IN_POT, RootsInPot.values());
    if (monthsMore == 0) {
      maybe(random, plant, Item.MEDIUM_PIECE, Piece.values());
    }
    return plant;
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void theSamePlantIsJudgedTheSame(int seed) {
    assertThat(plant(seed, 0).judged()).isEqualTo(plant(seed, 0).judged());
  }

  /** Everything that cannot wait, whatever the bloom, season or root stage. */
  private static final List<Function<Plant, Plant>> HAZARDS =
      List.of(
          plant -> plant.saw(Item.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT),
          plant -> plant.saw(Item.SMELL, Smell.ROTTEN),
          plant -> plant.saw(Item.PESTS, Pests.ROOT_MEALYBUG),
          plant -> plant.saw(Item.ROT, Rot.SPREADING),
          plant -> plant.saw(Item.ROT, Rot.WILT_RING),
          plant -> plant.saw(Item.PLUG, Plug.ROTTING));

  @ParameterizedTest
  @MethodSource("seeds")
  void aHazardNeverMakesAVerdictMilder(int seed) {
    var before = plant(seed, 0).judged();
    for (var hazard : HAZARDS) {
      var situation = hazard.apply(plant(seed, 0).daysAgo(0)).situation();
      for (var approach : Approach.values()) {
        var after = new Judge(Figures.standard(), approach).judge(situation);
        assertThat(after.verdict())
            .isGreaterThanOrEqualTo(before.verdict())
            .isIn(Verdict.RESCUE, Verdict.LET_GO);
        assertThat(after.need()).isGreaterThanOrEqualTo(before.need());
      }
    }
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void anotherLeadInTheMediumChangesNothingWhereATipIsGrowing(int seed) {
    var before = plant(seed, 0).judged();
    if (before.roots().growing()) {
      var after = plant(seed, 0).daysAgo(0).saw(Item.NEW_ROOTS, Lead.B, RootStage.ANCHORED);
      assertThat(after.judged().readiness()).isEqualTo(before.readiness());
      assertThat(after.judged().roots().lead()).isEqualTo(Lead.FIRST);
    }
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void aLookForgottenIsALookNeverMade(int seed) {
    var blind = plant(seed, 0).situation();
    var seen = plant(seed, 0).daysAgo(0).saw(Item.PLUG, Plug.ROTTING).situation();
    var judge = new Judge(Figures.standard());
    var forgotten = seen.with(seen.history().without(Spot.of(Item.PLUG)));
    assertThat(judge.judge(forgotten)).isEqualTo(judge.judge(blind));
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void nothingSetsAJudgementApartFromItself(int seed) {
    assertThat(Differences.between(plant(seed, 0).judged(), plant(seed, 0).judged())).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void eachApproachIsShownWithItsReason(int seed) {
    var situation = plant(seed, 0).situation();
    var judged = new Judge(Figures.standard()).judge(situation);
    var all = Comparison.all(situation, judged, Figures.standard());
    assertThat(all)
        .extracting(each -> each.judgement().approach())
        .containsExactly(Approach.values());
    assertThat(all.get(0).judgement()).isSameAs(judged);
    assertThat(all)
        .allSatisfy(
            each ->
                assertThat(each.why().toString().startsWith("The same"))
                    .isEqualTo(
                        each.judgement() != judged
                            && each.judgement().verdict() == judged.verdict()));
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void moreUsedLifeNeverLowersTheNeed(int seed) {
    Supplier<Plant> withoutTests = () -> plant(seed, 1);
    assertThat(plant(seed, 13).judged().need())
        .isGreaterThanOrEqualTo(withoutTests.get().judged().need());
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void notLookedAtIsNeverTakenForNone(int seed) {
    var judged = plant(seed, 0).judged();
    for (var item : judged.notLookedAt()) {
      assertThat(judged.reasons())
          .filteredOn(reason -> reason.sentence().toString().startsWith(item.title()))
          .as("%s was not looked at", item)
          .isEmpty();
    }
    if (judged.notLookedAt().contains(Item.NEW_ROOTS)) {
      assertThat(judged.readinessMost()).isGreaterThanOrEqualTo(judged.readiness());
      assertThat(judged.reasons())
          .filteredOn(reason -> reason.scale() == Scale.READINESS)
          .extracting(reason -> reason.sentence().toString())
          .singleElement()
          .asString()
          .startsWith("Nobody knows");
    }
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void theNextCheckIsNeverInThePast(int seed) {
    var judged = plant(seed, 0).judged();
    var window = judged.nextCheck().window();
    assertThat(window.late()).isAfter(Plant.MAY.minusDays(1));
    assertThat(window.best()).isBetween(window.early(), window.late());
  }
}
