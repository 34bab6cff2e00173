package almanac.core.judgement;

import static almanac.core.judgement.PlantAtHand.MAY;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.inspection.Items;
import almanac.core.inspection.PestPlace;
import almanac.core.inspection.Pests;
import almanac.core.inspection.PotState;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Stability;
import almanac.core.inspection.SurfaceLevel;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.reason.Basis;
import almanac.core.judgement.reason.Hazard;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Reason.Side;
import almanac.core.judgement.reason.Scale;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Step;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.PottedOn;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a pot that nobody knows asks for, what lives in it, and in which way it is moved. */
class MediumAndWayTest {
  private static List<Basis> bases(PlantAtHand plant) {
    return plant.judged().weighed().reasons().stream().map(Reason::basis).toList();
  }

  private static PlantAtHand stranger(LocalDate today) {
    return PlantAtHand.of("oncidium", today)
        .potted(new PottedOn.Unknown(), today.minusDays(20), Mix.of(Component.UNKNOWN));
  }

  private static PlantAtHand stranger() {
    return stranger(PlantAtHand.MAY);
  }

  @Test
  void aNewPlantInAPotThatNobodyKnowsIsMovedAsItsRootsGrow() {
    assertThat(bases(stranger().arrived(0).saw(Items.NEW_ROOTS, RootStage.NUB)))
        .contains(NeedFigures.UNKNOWN_POT);
    assertThat(bases(stranger().arrived(0).saw(Items.NEW_ROOTS, RootStage.ANCHORED)))
        .as("nothing grows")
        .doesNotContain(NeedFigures.UNKNOWN_POT);
    assertThat(bases(stranger().arrived(30).saw(Items.NEW_ROOTS, RootStage.NUB)))
        .as("it is no new plant any more")
        .doesNotContain(NeedFigures.UNKNOWN_POT);
    assertThat(bases(stranger().arrivedRootless(0).saw(Items.NEW_ROOTS, RootStage.NUB)))
        .as("it has no roots to move")
        .doesNotContain(NeedFigures.UNKNOWN_POT);
    assertThat(
            bases(
                stranger()
                    .arrived(0)
                    .saw(Items.NEW_ROOTS, RootStage.NUB)
                    .saw(Items.SMELL, Smell.WOODY)))
        .as("somebody smelled it")
        .doesNotContain(NeedFigures.UNKNOWN_POT);
    assertThat(
            bases(
                PlantAtHand.of("oncidium")
                    .potted(3)
                    .arrived(0)
                    .saw(Items.NEW_ROOTS, RootStage.NUB)))
        .as("it is known")
        .doesNotContain(NeedFigures.UNKNOWN_POT);
  }

  @ParameterizedTest
  @EnumSource(Pests.class)
  void whatLivesInTheMediumGoesWithIt(Pests pest) {
    var plant = PlantAtHand.of("oncidium").potted(6).saw(Items.PESTS, pest);
    boolean below = pest == Pests.ROOT_MEALYBUG;
    assertThat(bases(plant).contains(Hazard.PESTS_IN_MEDIUM)).isEqualTo(below);
    boolean digs = below || pest == Pests.MEALYBUG || pest == Pests.SCALE || pest == Pests.SNAIL;
    assertThat(
            bases(plant.saw(Items.PEST_PLACE, PestPlace.MEDIUM)).contains(Hazard.PESTS_IN_MEDIUM))
        .isEqualTo(digs);
  }

  private static PlantAtHand risen() {
    return PlantAtHand.of("oncidium")
        .potted(8, Mix.of(Component.PUMICE))
        .saw(Items.STABILITY, Stability.FIRM)
        .saw(Items.NEW_ROOTS, RootStage.NUB);
  }

  @Test
  void whatSitsHighIsSetDeeper() {
    var judged = risen().saw(Items.LEVEL, SurfaceLevel.RISEN).measured(Items.LEVEL, 45).judged();
    assertThat(judged.method().verdict()).isEqualTo(Verdict.MOVE_UP);
    assertThat(judged.method().steps()).contains(Step.DEEPER, Step.KEEP_BALL);
    assertThat(judged.method().words().toString()).contains("set deeper");
  }

  @Test
  void fewRootsHaveThePotThatFitsThem() {
    var old = PlantAtHand.of("oncidium").potted(40).saw(Items.NEW_ROOTS, RootStage.NUB);
    assertThat(old.judged().method().verdict()).isEqualTo(Verdict.FULL_REPOT);
    assertThat(old.judged().method().steps()).doesNotContain(Step.SMALLEST_POT);
    for (var few :
        List.of(
            PlantAtHand.of("oncidium")
                .potted(40)
                .saw(Items.NEW_ROOTS, RootStage.NUB)
                .saw(Items.ROOTS_IN_POT, RootsInPot.MIXED),
            PlantAtHand.of("oncidium")
                .potted(40)
                .saw(Items.NEW_ROOTS, RootStage.NUB)
                .saw(Items.POT, PotState.FAR_TOO_LARGE))) {
      assertThat(few.judged().method().steps()).contains(Step.SMALLEST_POT);
      assertThat(few.judged().method().words().toString()).contains("fits the roots left");
    }
  }

  /** Whatever is judged: what is said first is what the verdict rests on. */
  @Test
  void whatCarriesAVerdictIsOfItsSort() {
    var met = new EnumMap<Verdict, Integer>(Verdict.class);
    for (var generated : Generated.plants()) {
      var judged = generated.plant().judged();
      var carried = judged.weighed().carried();
      switch (judged.verdict()) {
        case RESCUE ->
            assertThat(carried)
                .isNotEmpty()
                .isEqualTo(weightiest(judged, 2, reason -> reason.scale() == Scale.HAZARD));
        case MOVE_UP, PART_REPOT, FULL_REPOT, DIVIDE ->
            assertThat(carried)
                .isEqualTo(
                    beside(judged, weightiest(judged, 1, reason -> ready(reason, Side.FOR))));
        case WAIT_FOR -> assertThat(carried).isEqualTo(beside(judged, against(judged)));
        case WATCH, LEAVE, ADJUST_CARE -> {
          if (weightiest(judged, 2, MediumAndWayTest::counts).isEmpty()) {
            assertThat(carried).allMatch(reason -> reason.scale() == Scale.NEED);
          } else {
            assertThat(carried).isEqualTo(beside(judged, against(judged)));
          }
        }
        default -> {
          continue;
        }
      }
      met.merge(judged.verdict(), 1, Integer::sum);
    }
    assertThat(met)
        .containsKeys(
            Verdict.RESCUE, Verdict.FULL_REPOT, Verdict.WAIT_FOR, Verdict.WATCH, Verdict.LEAVE);
  }

  /** The first need and what decides of the moment; two needs where nothing does. */
  private static List<Reason> beside(Judgement judged, List<Reason> moment) {
    var needs = weightiest(judged, moment.isEmpty() ? 2 : 1, MediumAndWayTest::counts);
    return Stream.concat(needs.stream(), moment.stream()).toList();
  }

  /** What takes most: roots at a bad stage, or else what a move would cost. */
  private static List<Reason> against(Judgement judged) {
    var roots = weightiest(judged, 1, reason -> ready(reason, Side.AGAINST));
    return roots.isEmpty() ? weightiest(judged, 1, reason -> reason.scale() == Scale.LOSS) : roots;
  }

  private static boolean counts(Reason reason) {
    return reason.scale() == Scale.NEED && reason.points() >= 0.5;
  }

  private static boolean ready(Reason reason, Side side) {
    return reason.scale() == Scale.READINESS && reason.side() == side;
  }

  private static List<Reason> weightiest(
      Judgement judged, int many, java.util.function.Predicate<Reason> wanted) {
    return judged.weighed().reasons().stream().filter(wanted).limit(many).toList();
  }

  @Test
  void whatNobodySawBeingPottedStoodInItWhenItCameHoweverLateThatIsWritten() {
    var bark = Mix.of(Component.BARK_MEDIUM);
    var came = PlantAtHand.of("oncidium").arrived(14).potted(PottedOn.unknown(), MAY, bark);
    assertThat(came.situation().standsSince()).isEqualTo(MAY.minusMonths(14));
    assertThat(came.judged().found().used().orElseThrow().likely()).isBetween(55.0, 65.0);
    var nobodyKnows = PlantAtHand.of("oncidium").potted(PottedOn.unknown(), MAY, bark);
    assertThat(nobodyKnows.situation().standsSince()).isEqualTo(MAY);
    var known = PlantAtHand.of("oncidium").arrived(14).potted(3);
    assertThat(known.situation().standsSince()).isEqualTo(MAY.minusMonths(3));
  }
}
