package almanac.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.PestPlace;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Plug;
import almanac.core.inspection.Rim;
import almanac.core.inspection.RootsCrowding;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Stability;
import almanac.core.inspection.Surface;
import almanac.core.judgement.Generated;
import almanac.core.judgement.PlantAtHand;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Method;
import almanac.core.judgement.verdict.Step;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.RootThickness;
import almanac.core.kinds.StandardKinds;
import almanac.core.kinds.Trait;
import almanac.core.kinds.Traits;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
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

  private static List<JobStep> steps(PlantAtHand plant, Pot pot) {
    var situation = plant.situation();
    var judged = new Judge(FIGURES).judge(situation);
    var work = Work.of(judged, situation, pot, situation.history().potting().mix());
    return JobSteps.of(work, FIGURES);
  }

  private static List<Task> tasks(PlantAtHand plant) {
    return steps(plant, Pot.NOT_NOTED).stream().map(JobStep::task).toList();
  }

  private static PlantAtHand spent(String kind, Component medium) {
    return PlantAtHand.of(kind)
        .potted(60, Mix.of(medium))
        .saw(Items.SMELL, Smell.SOUR)
        .saw(Items.NEW_ROOTS, RootStage.NUB)
        .saw(Items.RIM, Rim.OVER);
  }

  @Test
  void everyJobOfEveryKindHasItsStepsInOrderAndAnEnd() {
    var seen = new EnumMap<Verdict, Integer>(Verdict.class);
    for (var generated : Generated.plants()) {
      var situation = generated.plant().situation();
      var judged = new Judge(FIGURES).judge(situation);
      var work = Work.of(judged, situation, Pot.NOT_NOTED, situation.history().potting().mix());
      var steps = JobSteps.of(work, FIGURES);
      seen.merge(work.verdict(), 1, Integer::sum);
      assertThat(steps.get(0).task()).isEqualTo(Task.TAG);
      assertThat(steps.get(steps.size() - 1).task()).isEqualTo(Task.TELL);
      assertThat(steps).extracting(JobStep::task).isSorted().doesNotHaveDuplicates();
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
      var work = Work.of(judged, situation, Pot.NOT_NOTED, situation.history().potting().mix());
      for (var how : Method.CHOICES) {
        var steps = JobSteps.of(work.as(how).and(JobSteps.MAY_BE_ADDED), FIGURES);
        assertThat(steps)
            .extracting(JobStep::task)
            .isSorted()
            .doesNotHaveDuplicates()
            .containsAll(JobSteps.MAY_BE_ADDED)
            .contains(Task.FILL, Task.WRITE_TAG)
            .endsWith(Task.TELL);
        boolean found = judged.method().steps().contains(Step.CUT_TO_CLEAN);
        assertThat(work.as(how).method().steps().contains(Step.CUT_TO_CLEAN)).isEqualTo(found);
        cut += found ? 1 : 0;
      }
    }
    assertThat(cut).as("how often rot was cut out whatever was chosen").isGreaterThan(20);
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
  void whatGripsTheWallIsSoakedForLongAndItsPotIsCut() {
    var clinging =
        steps(
            spent("oncidium", Component.BARK_MEDIUM).saw(Items.CROWDING, RootsCrowding.CLINGING),
            new Pot(PotType.CLAY, 120.0, 110.0, ""));
    assertThat(step(clinging, Task.SOAK).minutes())
        .hasValue(FIGURES.count(JobFigures.SOAK_CLINGING_MINUTES));
    assertThat(step(clinging, Task.LIFT).what()).startsWith("Cut or break the pot away");
    assertThat(step(clinging, Task.LIFT).caution().orElseThrow()).contains("eye protection");
  }

  @Test
  void glovesAreWornWhereAPotBreaks() {
    for (var type : PotType.values()) {
      var lift =
          step(
              steps(spent("oncidium", Component.BARK_MEDIUM), new Pot(type, 120.0, 110.0, "")),
              Task.LIFT);
      boolean breaks = type == PotType.CLAY || type == PotType.GLAZED;
      assertThat(lift.caution().isPresent()).as("%s", type).isEqualTo(breaks);
    }
  }

  @Test
  void whatWasCutStaysDryBeforeItIsWatered() {
    var situation = spent("encyclia", Component.BARK_MEDIUM).situation();
    var work =
        Work.of(
            new Judge(FIGURES).judge(situation),
            situation,
            Pot.NOT_NOTED,
            Mix.of(Component.PUMICE));
    assertThat(step(JobSteps.of(work.as(Verdict.FULL_REPOT), FIGURES), Task.WATER).what())
        .startsWith("Water it through");
    for (var parted :
        List.of(work.as(Verdict.DIVIDE), work.as(Verdict.FULL_REPOT).and(Set.of(Task.PART)))) {
      var steps = JobSteps.of(parted, FIGURES);
      assertThat(step(steps, Task.WATER).what())
          .isEqualTo(
              "Leave it dry for %d days, then water it."
                  .formatted(FIGURES.count(JobFigures.WOUNDS_DRY_DAYS)));
      assertThat(steps).extracting(JobStep::task).contains(Task.DRESS, Task.HOLD);
    }
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

  private static PlantAtHand firm(String kind, Component medium) {
    return PlantAtHand.of(kind).potted(20, Mix.of(medium)).saw(Items.STABILITY, Stability.FIRM);
  }

  private static List<JobStep> asked(Verdict verdict, Component into, Step... steps) {
    return JobSteps.of(
        Works.of(firm("oncidium", Component.LAVA), verdict, PotType.PLASTIC, Mix.of(into), steps),
        FIGURES);
  }

  @ParameterizedTest
  @CsvSource({
    "LARGER_POT, POT, Take a pot two fingers wider",
    "SMALLEST_POT, POT, Take the smallest pot",
    "SCRUBBED_POT, POT, 'Take a pot of the same size, scrubbed'",
    "MEDIUM_OFF, POT, Take a pot in which its leads have room",
    "KEEP_BALL, FILL, 'Fill round the ball, tap the pot, and press nothing'",
    "MEDIUM_OFF, FILL, 'Hold the plant at its level, pour'",
    "MEDIUM_OFF, MEDIUM_OFF, Take all the old medium off",
    "BACK_OFF, MEDIUM_OFF, Take the medium off the old side only",
    "PLUG_OUT, MEDIUM_OFF, Part the roots in the middle and take the old plug out",
    "CUT_TO_CLEAN, CUT, Cut back until the tissue is clean",
    "SOFT_ROOTS_OFF, CUT, Cut soft and hollow roots off",
    "RINSE, RINSE, Rinse every root",
    "TREAT, TREAT, Treat it with what is permitted where you live",
    "KEEP_APART, APART, Stand it apart",
    "SOFT_ROOTS_OFF, HOLD, Tie it to a stake",
    "PART, HOLD, Tie it to a stake",
    "PART, PART, Part it where it parts by itself",
    "PART, WATER, Leave it dry for 3 days",
    "CUT_TO_CLEAN, WATER, Leave it dry for 3 days",
    "MEDIUM_OFF, WATER, Water it through",
    "MEDIUM_OFF, TALLY, Squeeze each root"
  })
  void eachStepOfTheMethodIsSaidAtTheBench(Step step, Task task, String words) {
    assertThat(step(asked(Verdict.FULL_REPOT, Component.PUMICE, step), task).what())
        .startsWith(words);
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
  void ringsInTheRhizomeHaveABladeOfTheirOwn() {
    var ring = asked(Verdict.RESCUE, Component.PUMICE, Step.CUT_TO_CLEAN, Step.OWN_BLADE);
    assertThat(step(ring, Task.CUT).what())
        .isEqualTo(
            "Cut on until the cut is green-white all through, and sterilise the blade after each"
                + " cut.");
  }

  @Test
  void mossIsLaidDampAndWateredLateAndItsDustIsMinded() {
    var moss = asked(Verdict.FULL_REPOT, Component.SPHAGNUM_BEST, Step.MEDIUM_OFF);
    assertThat(step(moss, Task.FILL).what()).startsWith("Lay damp moss between the roots");
    assertThat(step(moss, Task.WATER).what()).startsWith("The moss is damp enough");
    var pumice = asked(Verdict.FULL_REPOT, Component.PUMICE, Step.MEDIUM_OFF);
    for (var task : List.of(Task.FILL, Task.MEDIUM_OFF)) {
      assertThat(step(moss, task).caution()).as("%s", task).isPresent();
      assertThat(step(pumice, task).caution())
          .as("%s", task)
          .isPresent()
          .isNotEqualTo(step(moss, task).caution());
    }
  }

  @ParameterizedTest
  @CsvSource({
    "SHIFT, Old growths to the rim",
    "BACK_OFF, Old growths to the rim",
    "MEDIUM_OFF, Where its leads have most room"
  })
  void whereItStandsInThePotFollowsFromTheWay(Step step, String why) {
    assertThat(step(asked(Verdict.FULL_REPOT, Component.PUMICE, step), Task.POT).why())
        .startsWith(why);
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

  @Test
  void dustIsWettedAndMossIsNotTouchedBareHanded() {
    var moss = asked(Verdict.FULL_REPOT, Component.SPHAGNUM_BEST, Step.MEDIUM_OFF);
    var dust = asked(Verdict.FULL_REPOT, Component.PUMICE, Step.MEDIUM_OFF);
    for (var task : List.of(Task.FILL, Task.MEDIUM_OFF)) {
      assertThat(step(moss, task).caution().orElseThrow()).contains("loves");
      assertThat(step(dust, task).caution().orElseThrow()).contains("mask");
    }
  }

  @Test
  void whatGripsTheWallIsSoakedUntilItLetsGo() {
    var gripping = firm("oncidium", Component.LAVA).saw(Items.CROWDING, RootsCrowding.CLINGING);
    assertThat(soak(gripping)).startsWith("Stand the pot in water until the roots let go");
    assertThat(soak(firm("oncidium", Component.LAVA)))
        .isEqualTo("Stand the pot in water until the roots are supple.");
  }

  private static String soak(PlantAtHand plant) {
    var work = Works.of(plant, Verdict.FULL_REPOT, PotType.PLASTIC, Step.MEDIUM_OFF);
    return step(JobSteps.of(work, FIGURES), Task.SOAK).what();
  }

  @ParameterizedTest
  @CsvSource({
    "DRIES_RIGHT_OUT, PLASTIC, false",
    "DRIES_BETWEEN, PLASTIC, false",
    "KEPT_MOIST, PLASTIC, true",
    "ALWAYS_WET, PLASTIC, true",
    "DRIES_BETWEEN, RESERVOIR, true"
  })
  void oldBulbsThatStandWetAreStonedRound(Moisture kept, PotType pot, boolean stones) {
    for (var name : List.of("encyclia", "phalaenopsis", "paphiopedilum")) {
      var work = Works.of(firm(name, Component.LAVA), Verdict.FULL_REPOT, pot, Step.MEDIUM_OFF);
      var kind = work.kind().with(Traits.NONE.with(Trait.MOISTURE, kept));
      var steps =
          JobSteps.of(
              new Work(
                  work.on(),
                  work.verdict(),
                  work.method(),
                  kind,
                  work.history(),
                  work.pot(),
                  work.fresh(),
                  Set.of()),
              FIGURES);
      assertThat(step(steps, Task.LEVEL).atHand().contains("coarse stones round the old bulbs"))
          .as(name)
          .isEqualTo(stones && name.equals("encyclia"));
    }
  }

  @Test
  void fineRootsDryOutInAGapAndThickOnesDoNot() {
    for (var kind : StandardKinds.standard()) {
      var work =
          Works.of(
              firm(kind.key(), Component.LAVA),
              Verdict.FULL_REPOT,
              PotType.PLASTIC,
              Step.MEDIUM_OFF);
      boolean thick = kind.of(Trait.ROOTS) == RootThickness.THICK;
      assertThat(step(JobSteps.of(work, FIGURES), Task.FILL).why())
          .as(kind.key())
          .startsWith(thick ? "Thick roots forgive gaps" : "Fine roots dry out in a gap");
    }
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

  private static JobStep step(List<JobStep> steps, Task task) {
    return steps.stream().filter(each -> each.task() == task).findFirst().orElseThrow();
  }
}
