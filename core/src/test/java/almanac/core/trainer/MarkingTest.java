package almanac.core.trainer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Finding;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.LookSpot;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Stability;
import almanac.core.judgement.PlantAtHand;
import almanac.core.judgement.verdict.Asks;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.MediumPiece;
import almanac.core.refusals.Refused;
import almanac.core.roots.RootStage;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What an answer to a case is worth. */
class MarkingTest {
  private static final Figures FIGURES = Figures.standard();

  private static PlantAtHand quiet() {
    return PlantAtHand.of("oncidium")
        .potted(8)
        .saw(Items.MEDIUM_PIECE, MediumPiece.KEEPS_SHAPE)
        .saw(Items.SMELL, Smell.WOODY)
        .saw(Items.STABILITY, Stability.FIRM)
        .saw(Items.BLOOM, Bloom.NONE)
        .saw(Items.GROWTH, GrowthStage.HALF_GROWN)
        .saw(Items.NEW_ROOTS, RootStage.ANCHORED);
  }

  private static PlantAtHand atTheNubs() {
    return PlantAtHand.of("oncidium")
        .potted(30)
        .saw(Items.MEDIUM_PIECE, MediumPiece.TEARS)
        .saw(Items.STABILITY, Stability.FIRM)
        .saw(Items.BLOOM, Bloom.NONE)
        .saw(Items.GROWTH, GrowthStage.HALF_GROWN)
        .rootsOf(8);
  }

  private static PlantAtHand suffocating() {
    return quiet()
        .saw(Items.MEDIUM_PIECE, MediumPiece.MUSH)
        .saw(Items.SMELL, Smell.ROTTEN)
        .saw(Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT);
  }

  private static TrainingCase asked(PlantAtHand plant) {
    return asked(plant, Map.of());
  }

  private static TrainingCase asked(PlantAtHand plant, Map<LookSpot, Finding<?>> knows) {
    return new TrainingCase(plant.situation(), Approach.HOUSE_RULES, knows);
  }

  private static Call call(Asks asks, Item<?>... looked) {
    return new Call(asks, Optional.empty(), Set.of(looked));
  }

  private static Call moved(Verdict how) {
    return new Call(Asks.MOVE, Optional.of(how), Set.of());
  }

  private static Mark mark(TrainingCase asked, Call call) {
    return Marking.of(asked, call, FIGURES);
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "LEAVE, RIGHT",
    "WAIT, RIGHT",
    "MOVE, TOO_EARLY",
    "DIVIDE, TOO_EARLY",
    "LET_GO, TOO_EARLY"
  })
  void whatIsToBeLeft(Asks said, Mark worth) {
    assertThat(mark(asked(quiet()), call(said))).isEqualTo(worth);
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "LEAVE, TOO_LATE",
    "WAIT, TOO_LATE",
    "MOVE, RIGHT",
    "DIVIDE, WRONG_METHOD",
    "LET_GO, TOO_EARLY"
  })
  void whatIsToBeMoved(Asks said, Mark worth) {
    assertThat(mark(asked(atTheNubs()), call(said))).isEqualTo(worth);
  }

  @Test
  void spentMediumIsNotMovedUpWhole() {
    assertThat(mark(asked(atTheNubs()), moved(Verdict.FULL_REPOT))).isEqualTo(Mark.RIGHT);
    assertThat(mark(asked(atTheNubs()), moved(Verdict.MOVE_UP))).isEqualTo(Mark.WRONG_METHOD);
  }

  @Test
  void whoTakesAllMediumOffRescuesWhatSuffocatesInIt() {
    var asked = asked(suffocating());
    assertThat(asked.judged(Set.of(), FIGURES).verdict()).isEqualTo(Verdict.RESCUE);
    assertThat(mark(asked, moved(Verdict.FULL_REPOT))).isEqualTo(Mark.RIGHT);
    assertThat(mark(asked, moved(Verdict.MOVE_UP))).isEqualTo(Mark.WRONG_METHOD);
  }

  @Test
  void whatWouldTurnTheVerdictHasToBeLookedAt() {
    var soft =
        Map.<LookSpot, Finding<?>>of(
            LookSpot.of(Items.ROOTS_IN_POT), Items.ROOTS_IN_POT.saw(RootsInPot.MOSTLY_SOFT));
    var asked = asked(quiet().saw(Items.MEDIUM_PIECE, MediumPiece.MUSH), soft);
    var leaves = call(Asks.LEAVE);
    var unseen = asked.judged(Set.of(), FIGURES).verdict().asks();
    var seen = asked.judged(Set.of(Items.ROOTS_IN_POT), FIGURES).verdict().asks();
    assertThat(seen).isEqualTo(Asks.MOVE).isNotEqualTo(unseen);
    assertThat(mark(asked, leaves)).isEqualTo(Mark.DID_NOT_LOOK);
    assertThat(mark(asked, call(Asks.LEAVE, Items.ROOTS_IN_POT))).isEqualTo(Mark.TOO_LATE);
    assertThat(mark(asked, call(Asks.MOVE, Items.ROOTS_IN_POT))).isEqualTo(Mark.RIGHT);
  }

  @Test
  void whatTurnsNothingNeedNotBeLookedAt() {
    var firm =
        Map.<LookSpot, Finding<?>>of(
            LookSpot.of(Items.ROOTS_IN_POT), Items.ROOTS_IN_POT.saw(RootsInPot.FIRM));
    assertThat(mark(asked(quiet(), firm), call(Asks.LEAVE))).isEqualTo(Mark.RIGHT);
    assertThat(mark(asked(quiet(), firm), call(Asks.MOVE))).isEqualTo(Mark.TOO_EARLY);
  }

  @Test
  void whoTipsALoosePlantOutHasLooked() {
    var soft =
        Map.<LookSpot, Finding<?>>of(
            LookSpot.of(Items.ROOTS_IN_POT), Items.ROOTS_IN_POT.saw(RootsInPot.FIRM));
    var loose =
        asked(
            PlantAtHand.of("cattleya-one-leaved")
                .potted(10)
                .saw(Items.STABILITY, Stability.LOOSE)
                .saw(Items.GROWTH, GrowthStage.HALF_GROWN)
                .saw(Items.NEW_ROOTS, RootStage.NONE),
            soft);
    assertThat(loose.judged(Set.of(), FIGURES).verdict()).isEqualTo(Verdict.LIFT_AND_LOOK);
    assertThat(mark(loose, moved(Verdict.LIFT_AND_LOOK))).isEqualTo(Mark.RIGHT);
    assertThat(mark(loose, moved(Verdict.FULL_REPOT))).isEqualTo(Mark.DID_NOT_LOOK);
  }

  @Test
  void whatIsLeftIsNotMovedInSomeWay() {
    assertThatThrownBy(() -> new Call(Asks.LEAVE, Optional.of(Verdict.MOVE_UP), Set.of()))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field()).isEqualTo(Call.Part.HOW));
    assertThatThrownBy(() -> moved(Verdict.WATCH)).isInstanceOf(Refused.class);
  }

  @Test
  void onlyWhatWasNotSeenThatDayCanBeLookedAt() {
    var may = asked(quiet()).mayLook(FIGURES);
    assertThat(may).contains(Items.ROOTS_IN_POT).doesNotContain(Items.SMELL, Items.NEW_ROOTS);
    assertThat(asked(quiet().daysAgo(1)).mayLook(FIGURES)).doesNotContain(Items.SMELL);
    assertThat(asked(PlantAtHand.of("paphiopedilum").potted(3)).mayLook(FIGURES))
        .contains(Items.SMELL)
        .doesNotContain(Items.ROOTS_IN_POT, Items.BUBBLES);
  }
}
