package almanac.core.judgement;

import almanac.core.history.Aim;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Breakage;
import almanac.core.inspection.Bubbles;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.inspection.Parts;
import almanac.core.inspection.Rim;
import almanac.core.inspection.RootsCrowding;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Stability;
import almanac.core.inspection.SurfaceLevel;
import almanac.core.inspection.SurfaceRoots;
import almanac.core.inspection.Wetness;
import almanac.core.kinds.StandardKinds;
import almanac.core.medium.Component;
import almanac.core.medium.MediumPiece;
import almanac.core.medium.Mix;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * Plants made up from a seed: some of every kind in every month. The same one comes out each time,
 * so that it can be changed in one thing and judged again.
 *
 * @param kind its kind
 * @param today the day on which it is judged
 * @param seed what makes it up
 */
public record Generated(String kind, LocalDate today, long seed) {
  private static final int OF_EACH = 5;
  private static final List<Mix> MIXES =
      List.of(
          Mix.of(Component.BARK_MEDIUM),
          Mix.of(Component.SPHAGNUM_BEST),
          Mix.of(Component.PUMICE),
          Mix.of(Component.COCONUT_FIBRE));

  /** Some of every kind in every month. */
  public static List<Generated> plants() {
    var plants = new ArrayList<Generated>();
    var days = new Random(7);
    for (var kind : StandardKinds.standard()) {
      for (int month = 1; month <= 12; month++) {
        for (int i = 0; i < OF_EACH; i++) {
          var day = LocalDate.of(2027, month, 1 + days.nextInt(28));
          plants.add(new Generated(kind.key(), day, plants.size()));
        }
      }
    }
    return plants;
  }

  /** The plant, with all that was seen of it. */
  public PlantAtHand plant() {
    return plant(0);
  }

  /** The same plant, potted so many months earlier. */
  PlantAtHand plant(int monthsMore) {
    var random = new Random(seed);
    var plant = PlantAtHand.of(kind, today);
    if (random.nextInt(3) == 0) {
      plant.underLights();
    }
    if (random.nextInt(4) == 0) {
      plant.atAMeanOf(8 + random.nextInt(28));
    }
    plant.aim(Aim.values()[random.nextInt(Aim.values().length)]);
    plant.potted(1 + random.nextInt(48) + monthsMore, MIXES.get(random.nextInt(MIXES.size())));
    plant.daysAgo(random.nextInt(3) == 0 ? 40 + random.nextInt(400) : random.nextInt(10));
    maybe(random, plant, Items.NEW_ROOTS, RootStage.values());
    maybe(random, plant, Items.GROWTH, GrowthStage.values());
    maybe(random, plant, Items.BLOOM, Bloom.values());
    maybe(random, plant, Items.STABILITY, Stability.values());
    maybe(random, plant, Items.ROOTS_IN_POT, RootsInPot.values());
    maybe(random, plant, Items.LEAVES, Leaves.values());
    maybe(random, plant, Items.WETNESS, Wetness.values());
    maybe(random, plant, Items.BUBBLES, Bubbles.values());
    maybe(random, plant, Items.RIM, Rim.values());
    maybe(random, plant, Items.CROWDING, RootsCrowding.values());
    maybe(random, plant, Items.SMELL, Smell.values());
    maybe(random, plant, Items.LEVEL, SurfaceLevel.values());
    maybe(random, plant, Items.SURFACE_ROOTS, SurfaceRoots.values());
    maybe(random, plant, Items.PARTS, Parts.values());
    maybe(random, plant, Items.BREAKAGE, Breakage.values());
    if (monthsMore == 0) {
      maybe(random, plant, Items.MEDIUM_PIECE, MediumPiece.values());
    }
    return plant;
  }

  @SafeVarargs
  private static <A extends Enum<A> & Answer> void maybe(
      Random random, PlantAtHand plant, Item<A> item, A... answers) {
    var answer = answers[random.nextInt(answers.length)];
    if (random.nextInt(5) > 1) {
      plant.saw(item, answer);
    }
  }
}
