package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.inspection.Bloom;
import almanac.core.inspection.Item;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Stability;
import almanac.core.judgement.Reason.Scale;
import almanac.core.medium.Piece;
import almanac.core.profile.Profiles;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.util.Random;
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
    var profiles = Profiles.standard();
    var plant =
        Plant.of(
            profiles.get(random.nextInt(profiles.size())).key(),
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

  @ParameterizedTest
  @MethodSource("seeds")
  void aHazardNeverMakesAVerdictMilder(int seed) {
    var before = plant(seed, 0).judged();
    var after = plant(seed, 0).daysAgo(0).saw(Item.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT).judged();
    assertThat(after.verdict()).isGreaterThanOrEqualTo(before.verdict()).isEqualTo(Verdict.RESCUE);
    assertThat(after.need()).isGreaterThanOrEqualTo(before.need());
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
