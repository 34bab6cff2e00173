package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.LookSpot;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Stability;
import almanac.core.judgement.compare.DecidingLook;
import almanac.core.judgement.compare.DecidingLooks;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.Component;
import almanac.core.medium.MediumPiece;
import almanac.core.medium.Mix;
import almanac.core.roots.RootStage;
import java.util.List;
import org.junit.jupiter.api.Test;

class DecidingLooksTest {
  private static final Judge JUDGE = new Judge(Figures.standard());

  private static List<DecidingLook> deciding(PlantAtHand plant) {
    var situation = plant.situation();
    return new DecidingLooks(JUDGE).of(situation, JUDGE.judge(situation));
  }

  @Test
  void whereOnlyTheNewestRootsAreUnseenTheyDecide() {
    var looks =
        deciding(
            PlantAtHand.of("oncidium")
                .potted(26)
                .saw(Items.ROOTS_IN_POT, RootsInPot.MIXED)
                .saw(Items.MEDIUM_PIECE, MediumPiece.TEARS)
                .saw(Items.SMELL, Smell.STALE)
                .saw(Items.STABILITY, Stability.FIRM));
    assertThat(looks)
        .first()
        .extracting(DecidingLook::spot)
        .isEqualTo(LookSpot.of(Items.NEW_ROOTS));
    assertThat(looks.get(0).outcomes()).isEqualTo(RootStage.values().length);
    assertThat(looks.get(0).changes())
        .contains(new DecidingLook.Change("nubs", Verdict.FULL_REPOT))
        .doesNotContain(new DecidingLook.Change("short", Verdict.WAIT_FOR));
  }

  @Test
  void aSuspicionIsSettledByTheRootsInThePot() {
    var looks =
        deciding(
            PlantAtHand.of("oncidium")
                .potted(6)
                .saw(Items.STABILITY, Stability.LOOSE)
                .saw(Items.NEW_ROOTS, RootStage.ANCHORED)
                .saw(Items.MEDIUM_PIECE, MediumPiece.KEEPS_SHAPE));
    assertThat(looks)
        .first()
        .extracting(DecidingLook::spot)
        .isEqualTo(LookSpot.of(Items.ROOTS_IN_POT));
    assertThat(looks.get(0).changes())
        .contains(new DecidingLook.Change("mostly soft", Verdict.RESCUE));
  }

  @Test
  void whatNobodyExpectsIsNoReasonToLookButIsNotCalledNothing() {
    var looks =
        deciding(
            PlantAtHand.of("phalaenopsis")
                .potted(12)
                .rootsOf(120)
                .saw(Items.STABILITY, Stability.FIRM)
                .saw(Items.BLOOM, Bloom.NONE));
    var piece = looks.stream().filter(look -> look.spot().item() == Items.MEDIUM_PIECE).findFirst();
    assertThat(piece).isPresent();
    assertThat(piece.get().words().toString())
        .isEqualTo(
            "Press a piece of medium from under the surface. If it tears by hand or is mush,"
                + " repot it; else nothing changes.");
  }

  @Test
  void whatHasBeenSeenIsNotAskedForAgain() {
    var plant = PlantAtHand.of("oncidium").potted(12).saw(Items.NEW_ROOTS, RootStage.NUB);
    assertThat(deciding(plant))
        .extracting(DecidingLook::spot)
        .doesNotContain(LookSpot.of(Items.NEW_ROOTS));
    var stale =
        PlantAtHand.of("oncidium")
            .potted(24)
            .daysAgo(40)
            .saw(Items.NEW_ROOTS, RootStage.SWELLING)
            .daysAgo(0)
            .saw(Items.MEDIUM_PIECE, MediumPiece.TEARS)
            .saw(Items.ROOTS_IN_POT, RootsInPot.FIRM)
            .saw(Items.SMELL, Smell.STALE);
    assertThat(deciding(stale))
        .extracting(DecidingLook::spot)
        .contains(LookSpot.of(Items.NEW_ROOTS));
  }

  @Test
  void itIsSaidAsAGrowerSaysIt() {
    var looks =
        deciding(
            PlantAtHand.of("oncidium")
                .potted(26)
                .saw(Items.ROOTS_IN_POT, RootsInPot.MIXED)
                .saw(Items.MEDIUM_PIECE, MediumPiece.TEARS)
                .saw(Items.SMELL, Smell.STALE)
                .saw(Items.STABILITY, Stability.FIRM)
                .saw(Items.BLOOM, Bloom.NONE)
                .saw(Items.GROWTH, GrowthStage.HALF_GROWN));
    assertThat(looks.get(0).words())
        .hasToString(
            "Look for new roots at the newest growth. If bumps, nubs or long, repot it; else"
                + " nothing changes.");
  }

  @Test
  void whatCannotBeIsNotAskedFor() {
    var stones = PlantAtHand.of("oncidium").potted(26, Mix.of(Component.PUMICE));
    var mount = PlantAtHand.of("vanda").potted(26, Mix.of(Component.MOUNT));
    var slipper = PlantAtHand.of("paphiopedilum").potted(26);
    var today = PlantAtHand.of("oncidium").potted(0).saw(Items.SMELL, Smell.WOODY);
    assertThat(possible(stones)).doesNotContain(Items.MEDIUM_PIECE).contains(Items.BUBBLES);
    assertThat(possible(mount))
        .doesNotContain(Items.MEDIUM_PIECE, Items.SMELL, Items.BUBBLES, Items.SINKING)
        .contains(Items.NEW_ROOTS);
    assertThat(possible(slipper)).doesNotContain(Items.BUBBLES, Items.ROOTS_IN_POT);
    assertThat(deciding(today)).isEmpty();
  }

  private static List<Item<?>> possible(PlantAtHand plant) {
    var situation = plant.situation();
    var judged = plant.judged();
    return Items.inLookingOrder().stream()
        .filter(item -> DecidingLooks.possible(item, situation, judged))
        .toList();
  }

  @Test
  void noMoreThanTwoAreNamedAndEachChangesSomething() {
    for (int months = 1; months < 40; months += 3) {
      var plant = PlantAtHand.of("encyclia").potted(months);
      var now = plant.judged().verdict();
      assertThat(deciding(plant))
          .hasSizeLessThanOrEqualTo(2)
          .allSatisfy(
              look -> {
                assertThat(look.changes()).isNotEmpty();
                assertThat(look.changes())
                    .as("never only from one kind of waiting to another")
                    .anyMatch(change -> change.verdict().inHand() || now.inHand());
              });
    }
  }
}
