package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Plug;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.inspection.Smell;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.reason.Hazard;
import almanac.core.judgement.reason.Need;
import almanac.core.judgement.reason.NoReason;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Step;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.Habit;
import almanac.core.kinds.Trait;
import almanac.core.medium.Component;
import almanac.core.medium.MediumPiece;
import almanac.core.medium.Mix;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The method follows the cause. */
class MethodLawsTest {
  private static final Figures FIGURES = Figures.standard();
  private static final List<Generated> PLANTS = Generated.plants();

  /** What takes each hazard away. */
  private static final Map<Hazard, Set<Step>> REMOVES =
      Map.of(
          Hazard.ROOTS_SOFT, EnumSet.of(Step.MEDIUM_OFF, Step.SOFT_ROOTS_OFF),
          Hazard.SUFFOCATING, EnumSet.of(Step.MEDIUM_OFF, Step.SOFT_ROOTS_OFF),
          Hazard.ROTTEN, EnumSet.of(Step.MEDIUM_OFF),
          Hazard.NO_ROOTS, EnumSet.of(Step.MEDIUM_OFF, Step.NURSE),
          Hazard.PLUG, EnumSet.of(Step.PLUG_OUT),
          Hazard.PESTS_IN_MEDIUM, EnumSet.of(Step.MEDIUM_OFF, Step.RINSE, Step.TREAT),
          Hazard.ROT, EnumSet.of(Step.CUT_TO_CLEAN),
          Hazard.CROWN, EnumSet.of(Step.DRY_CROWN, Step.KEEP_APART),
          Hazard.WILT, EnumSet.of(Step.CUT_TO_CLEAN, Step.OWN_BLADE));

  private static final Map<Hazard, UnaryOperator<PlantAtHand>> SHOWN =
      Map.of(
          Hazard.ROOTS_SOFT, plant -> plant.saw(Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT),
          Hazard.SUFFOCATING,
              plant ->
                  plant
                      .saw(Items.ROOTS_IN_POT, RootsInPot.MIXED)
                      .saw(Items.MEDIUM_PIECE, MediumPiece.MUSH),
          Hazard.ROTTEN, plant -> plant.saw(Items.SMELL, Smell.ROTTEN),
          Hazard.NO_ROOTS,
              plant ->
                  plant.saw(Items.ROOTS_IN_POT, RootsInPot.NONE).saw(Items.LEAVES, Leaves.LIMP),
          Hazard.PLUG, plant -> plant.saw(Items.PLUG, Plug.ROTTING),
          Hazard.PESTS_IN_MEDIUM, plant -> plant.saw(Items.PESTS, Pests.ROOT_MEALYBUG),
          Hazard.CROWN, plant -> plant.saw(Items.ROT, Rot.SOFT_CROWN),
          Hazard.ROT, plant -> plant.saw(Items.ROT, Rot.SOFT_LEAD),
          Hazard.WILT, plant -> plant.saw(Items.ROT, Rot.WILT_RING));

  private static void eachByEachApproach(BiConsumer<Situation, Judgement> law) {
    for (var generated : PLANTS) {
      var situation = generated.plant().situation();
      for (var approach : Approach.values()) {
        law.accept(situation, new Judge(FIGURES, approach).judge(situation));
      }
    }
  }

  @ParameterizedTest
  @EnumSource(Hazard.class)
  void theRescueTakesItsHazardAway(Hazard hazard) {
    var tried = new Tried();
    for (var generated : PLANTS) {
      var situation = SHOWN.get(hazard).apply(generated.plant().daysAgo(0)).situation();
      var judged = new Judge(FIGURES).judge(situation);
      boolean asItShouldBe =
          hazard == Hazard.NO_ROOTS && judged.found().rest().keptDry()
              || judged.weighed().reasons().stream()
                  .anyMatch(reason -> reason.basis() == NoReason.SETTLING)
              || hazard == Hazard.CROWN && situation.kind().of(Trait.HABIT) == Habit.SYMPODIAL;
      if (judged.verdict() != Verdict.RESCUE || asItShouldBe) {
        continue;
      }
      for (var reason : judged.weighed().reasons()) {
        if (reason.basis() instanceof Hazard found) {
          assertThat(judged.method().steps()).as("%s", found).containsAll(REMOVES.get(found));
        }
      }
      assertThat(judged.weighed().reasons()).extracting(Reason::basis).contains(hazard);
      tried.on(situation);
    }
    if (hazard == Hazard.CROWN) {
      tried.atLeast(200);
    } else {
      tried.everywhere();
    }
  }

  @ParameterizedTest
  @EnumSource(Hazard.class)
  void theSmallestPotIsOnlyForLostRoots(Hazard hazard) {
    var plant =
        PlantAtHand.of("oncidium").potted(6, Mix.of(Component.PUMICE)).saw(Items.PESTS, Pests.NONE);
    var steps = SHOWN.get(hazard).apply(plant).judged().method().steps();
    var lost = EnumSet.of(Hazard.ROOTS_SOFT, Hazard.SUFFOCATING, Hazard.ROTTEN, Hazard.NO_ROOTS);
    assertThat(steps.contains(Step.SMALLEST_POT)).isEqualTo(lost.contains(hazard));
  }

  private static boolean mediumHasToGo(Judgement judged) {
    boolean spent =
        judged.found().used().filter(used -> used.known() && used.likely() >= 100).isPresent();
    return spent
        || judged.weighed().reasons().stream()
            .anyMatch(reason -> reason.points() > 0 && reason.isMatterOf(Need.Matter.MEDIUM));
  }

  @Test
  void nothingThatKeepsTheMediumIsOfferedWhereItHasToGo() {
    var tried = new Tried();
    eachByEachApproach(
        (situation, judged) -> {
          boolean keeps = judged.verdict().atTheBench() && judged.method().keepsMedium();
          if (mediumHasToGo(judged)) {
            assertThat(keeps).as("%s", judged.weighed().reasons()).isFalse();
            tried.on(situation);
          }
        });
    tried.everywhere();
  }

  @Test
  void whereOnlyItsPlaceIsWrongTheBallStaysWholeInStonesAndMoss() {
    var tried = new Tried();
    eachByEachApproach(
        (situation, judged) -> {
          var mix = situation.history().potting().mix();
          boolean onlyPlace =
              judged.weighed().reasons().stream()
                  .filter(reason -> reason.points() > 0 && reason.basis() instanceof Need)
                  .allMatch(reason -> reason.isMatterOf(Need.Matter.PLACE));
          boolean moves =
              judged.verdict() == Verdict.FULL_REPOT || judged.verdict() == Verdict.PART_REPOT;
          if (mix.inert() && onlyPlace && judged.verdict() == Verdict.MOVE_UP) {
            tried.on(situation);
          }
          if (mix.inert() && onlyPlace) {
            assertThat(moves).as("%s", judged.weighed().reasons()).isFalse();
          }
        });
    tried.theWholeYear();
    tried.atLeast(100);
  }

  @Test
  void whatIsMovedSaysHowAndWhatMakesItSo() {
    var tried = new Tried();
    eachByEachApproach(
        (situation, judged) -> {
          assertThat(judged.method().because()).isNotBlank();
          if (judged.verdict().atTheBench() && judged.verdict() != Verdict.LET_GO) {
            assertThat(judged.method().verdict()).isEqualTo(judged.verdict());
            tried.on(situation);
          }
        });
    tried.everywhere();
  }
}
