package almanac.core.bench;

import static almanac.core.bench.Works.asked;
import static almanac.core.bench.Works.firm;
import static almanac.core.bench.Works.spent;
import static almanac.core.bench.Works.step;
import static almanac.core.bench.Works.steps;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.PestPlace;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Plug;
import almanac.core.inspection.Rim;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.inspection.Stability;
import almanac.core.inspection.Surface;
import almanac.core.judgement.Generated;
import almanac.core.judgement.PlantAtHand;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Method;
import almanac.core.judgement.verdict.Step;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.roots.RootStage;
import java.util.EnumMap;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The steps of a job follow from the method and from what is known, and every job has an end. */
class JobStepsTest {
  private static final Figures FIGURES = Figures.standard();
  private static final Set<Task> CAN_HURT =
      Set.of(Task.CUT, Task.PART, Task.DRESS, Task.TREAT, Task.MEDIUM_OFF, Task.FILL, Task.LET_GO);
  private static final Set<Task> CANNOT_HURT =
      Set.of(Task.TAG, Task.PHOTOGRAPH, Task.LOOK, Task.TALLY, Task.LEVEL, Task.TELL);

  private static List<Task> tasks(PlantAtHand plant) {
    return steps(plant, Pot.NOT_NOTED).stream().map(JobStep::task).toList();
  }

  @Test
  void everyJobOfEveryKindHasItsStepsInOrderAndAnEnd() {
    var seen = new EnumMap<Verdict, Integer>(Verdict.class);
    for (var generated : Generated.plants()) {
      var situation = generated.plant().situation();
      var judged = new Judge(FIGURES).judge(situation);
      var work = Works.asJudged(situation);
      var steps = JobSteps.of(work, FIGURES);
      seen.merge(work.verdict(), 1, Integer::sum);
      assertThat(steps.get(0).task()).isEqualTo(Task.TAG);
      assertThat(steps.get(steps.size() - 1).task()).isEqualTo(Task.TELL);
      assertThat(steps).extracting(JobStep::task).isSorted().doesNotHaveDuplicates();
      assertThat(JobSteps.of(work.and(JobSteps.MAY_BE_ADDED), FIGURES))
          .as("whatever it is, a step may be wanted besides")
          .extracting(JobStep::task)
          .containsAll(JobSteps.MAY_BE_ADDED);
      for (var step : steps) {
        assertThat(step.what()).endsWith(".").hasSizeLessThan(150);
        assertThat(step.why()).endsWith(".");
        if (CAN_HURT.contains(step.task())) {
          assertThat(step.caution()).as("%s", step).isPresent();
        } else if (CANNOT_HURT.contains(step.task())) {
          assertThat(step.caution()).as("%s", step).isEmpty();
        }
      }
    }
    assertThat(seen)
        .containsKeys(
            Verdict.LIFT_AND_LOOK,
            Verdict.MOVE_UP,
            Verdict.PART_REPOT,
            Verdict.FULL_REPOT,
            Verdict.DIVIDE,
            Verdict.RESCUE);
  }

  @Test
  void everyWayThatIsChosenReachesAnEndWithWhateverIsAdded() {
    int cut = 0;
    for (var generated : Generated.plants()) {
      var situation = generated.plant().saw(Items.ROT, Rot.WILT_RING).situation();
      var judged = new Judge(FIGURES).judge(situation);
      var work = Works.asJudged(situation);
      for (var how : Method.CHOICES) {
        var steps = JobSteps.of(work.as(how).and(JobSteps.MAY_BE_ADDED), FIGURES);
        assertThat(steps)
            .extracting(JobStep::task)
            .isSorted()
            .doesNotHaveDuplicates()
            .containsAll(JobSteps.MAY_BE_ADDED)
            .contains(how == Verdict.LET_GO ? Task.LET_GO : Task.FILL)
            .endsWith(Task.TELL);
        boolean found = judged.method().steps().contains(Step.CUT_TO_CLEAN);
        assertThat(work.as(how).method().steps().contains(Step.CUT_TO_CLEAN)).isEqualTo(found);
        cut += found ? 1 : 0;
      }
    }
    assertThat(cut).as("how often rot was cut out whatever was chosen").isGreaterThan(20);
  }

  @Test
  void aReservoirPotHasItsGaugeAndBottomBeforeTheMediumAndATopLayerIsAStepOfItsOwn() {
    var plant = firm("oncidium", Component.LAVA);
    var into = new Pot(PotType.RESERVOIR, 140.0, 130.0, "white gravel");
    var work = Works.into(plant, into).as(Verdict.FULL_REPOT);
    var steps = JobSteps.of(work, FIGURES);
    assertThat(steps)
        .extracting(JobStep::task)
        .containsSubsequence(Task.POT, Task.GAUGE, Task.LEVEL, Task.FILL, Task.TOP, Task.WATER);
    assertThat(step(steps, Task.GAUGE).atHand()).contains("a level gauge");
    assertThat(step(steps, Task.TOP).what()).contains("white gravel");
    var plain = Works.into(plant, new Pot(PotType.PLASTIC, 140.0, 130.0, ""));
    assertThat(JobSteps.of(plain.as(Verdict.FULL_REPOT), FIGURES))
        .extracting(JobStep::task)
        .doesNotContain(Task.GAUGE, Task.TOP);
  }

  @Test
  void aBallThatStaysWholeIsNeitherSoakedNorTallied() {
    var tasks =
        tasks(
            PlantAtHand.of("oncidium")
                .potted(8, Mix.of(Component.PUMICE))
                .saw(Items.RIM, Rim.OVER)
                .saw(Items.STABILITY, Stability.FIRM)
                .saw(Items.NEW_ROOTS, RootStage.NUB));
    assertThat(tasks)
        .containsExactly(
            Task.TAG,
            Task.PHOTOGRAPH,
            Task.LIFT,
            Task.LOOK,
            Task.POT,
            Task.LEVEL,
            Task.FILL,
            Task.WATER,
            Task.WRITE_TAG,
            Task.TELL);
  }

  @Test
  void barkIsWorkedDryAndMossIsSoaked() {
    assertThat(tasks(spent("oncidium", Component.BARK_MEDIUM)))
        .contains(Task.DRY)
        .doesNotContain(Task.SOAK);
    assertThat(tasks(spent("oncidium", Component.SPHAGNUM_BEST)))
        .contains(Task.SOAK)
        .doesNotContain(Task.DRY);
  }

  @Test
  void findsChangeTheStepsThatFollow() {
    var before = spent("oncidium", Component.SPHAGNUM_BEST);
    assertThat(tasks(before)).doesNotContain(Task.RINSE, Task.TREAT, Task.APART);
    assertThat(
            tasks(
                spent("oncidium", Component.SPHAGNUM_BEST)
                    .saw(Items.PESTS, Pests.ROOT_MEALYBUG)
                    .saw(Items.PEST_PLACE, PestPlace.MEDIUM)))
        .contains(Task.RINSE, Task.TREAT, Task.APART);
    var ring =
        steps(
            spent("oncidium", Component.SPHAGNUM_BEST).saw(Items.ROT, Rot.WILT_RING),
            Pot.NOT_NOTED);
    assertThat(step(ring, Task.CUT).what()).startsWith("Cut on until the cut is green-white");
    assertThat(ring).extracting(JobStep::task).contains(Task.DRESS, Task.APART);
    assertThat(step(ring, Task.WATER).what()).startsWith("Leave it dry for 3 days");
    assertThat(tasks(spent("oncidium", Component.SPHAGNUM_BEST).saw(Items.ROT, Rot.WILT_THROUGH)))
        .contains(Task.LET_GO)
        .doesNotContain(Task.POT, Task.FILL, Task.WRITE_TAG);
    var plug =
        steps(
            PlantAtHand.of("phalaenopsis").potted(6).saw(Items.PLUG, Plug.ROTTING), Pot.NOT_NOTED);
    assertThat(step(plug, Task.MEDIUM_OFF).what()).contains("old plug");
  }

  @Test
  void whatTheMethodDoesNotAskForIsNotDone() {
    assertThat(asked(Verdict.FULL_REPOT, Component.PUMICE, Step.MEDIUM_OFF))
        .extracting(JobStep::task)
        .containsExactly(
            Task.TAG,
            Task.PHOTOGRAPH,
            Task.SOAK,
            Task.LIFT,
            Task.LOOK,
            Task.MEDIUM_OFF,
            Task.TALLY,
            Task.POT,
            Task.LEVEL,
            Task.FILL,
            Task.WATER,
            Task.WRITE_TAG,
            Task.TELL);
  }

  @Test
  void onAMountItIsTiedAndHasNoSurface() {
    var mount = asked(Verdict.FULL_REPOT, Component.MOUNT, Step.MEDIUM_OFF);
    assertThat(step(mount, Task.POT).what()).startsWith("Tie it to the mount");
    assertThat(mount).extracting(JobStep::task).doesNotContain(Task.LEVEL);
  }

  @Test
  void whatDoesNotStandIsHeldAndWhatNobodyTriedIsTakenToStand() {
    for (var stands : Stability.values()) {
      var work =
          Works.of(
              PlantAtHand.of("oncidium").potted(20).saw(Items.STABILITY, stands),
              Verdict.FULL_REPOT,
              PotType.PLASTIC,
              Step.MEDIUM_OFF);
      assertThat(JobSteps.of(work, FIGURES).stream().anyMatch(step -> step.task() == Task.HOLD))
          .as("%s", stands)
          .isEqualTo(stands != Stability.FIRM);
    }
    var untried = PlantAtHand.of("oncidium").potted(20);
    assertThat(
            JobSteps.of(
                Works.of(untried, Verdict.FULL_REPOT, PotType.PLASTIC, Step.MEDIUM_OFF), FIGURES))
        .extracting(JobStep::task)
        .doesNotContain(Task.HOLD);
  }

  @ParameterizedTest
  @EnumSource(Surface.class)
  void whatLiesOnTopComesOffBeforeThePlantIsTipped(Surface surface) {
    var work =
        Works.of(
            firm("oncidium", Component.LAVA).saw(Items.SURFACE, surface),
            Verdict.FULL_REPOT,
            PotType.PLASTIC,
            Step.MEDIUM_OFF);
    boolean falls = surface == Surface.WEEDS || surface == Surface.MOSS || surface == Surface.MOULD;
    assertThat(JobSteps.of(work, FIGURES).stream().anyMatch(step -> step.task() == Task.CLEAR_TOP))
        .isEqualTo(falls);
  }

  @ParameterizedTest
  @CsvSource({
    "SOAK",
    "CLEAR_TOP",
    "MEDIUM_OFF",
    "RINSE",
    "TALLY",
    "CUT",
    "PART",
    "DRESS",
    "TREAT",
    "HOLD",
    "APART"
  })
  void whatSomebodyWantsBesidesIsDone(Task task) {
    var work =
        Works.of(
            firm("oncidium", Component.BARK_MEDIUM),
            Verdict.MOVE_UP,
            PotType.PLASTIC,
            Step.KEEP_BALL);
    assertThat(JobSteps.of(work, FIGURES)).extracting(JobStep::task).doesNotContain(task);
    assertThat(JobSteps.of(work.and(Set.of(task)), FIGURES))
        .extracting(JobStep::task)
        .contains(task);
  }

  @Test
  void aLookEndsWithThePlantPutBack() {
    var tasks =
        tasks(
            PlantAtHand.of("oncidium")
                .potted(6)
                .saw(Items.STABILITY, Stability.LOOSE)
                .saw(Items.NEW_ROOTS, RootStage.ANCHORED));
    assertThat(tasks).contains(Task.LOOK, Task.PUT_BACK).doesNotContain(Task.POT, Task.WRITE_TAG);
    assertThat(
            tasks(
                PlantAtHand.of("oncidium")
                    .potted(6)
                    .saw(Items.STABILITY, Stability.LOOSE)
                    .saw(Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT)))
        .as("and goes on where the roots are soft")
        .contains(Task.CUT, Task.POT, Task.FILL)
        .doesNotContain(Task.PUT_BACK);
  }
}
