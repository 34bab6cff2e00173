package almanac.core.bench;

import static almanac.core.bench.Works.asked;
import static almanac.core.bench.Works.firm;
import static almanac.core.bench.Works.spent;
import static almanac.core.bench.Works.step;
import static almanac.core.bench.Works.steps;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.RootsCrowding;
import almanac.core.judgement.PlantAtHand;
import almanac.core.judgement.verdict.Judge;
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
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said at each step, what is at hand for it, and what it warns of. */
class StepWordsTest {
  private static final Figures FIGURES = Figures.standard();

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

  @ParameterizedTest
  @CsvSource({
    "LARGER_POT, POT, Take a pot two fingers wider",
    "SMALLEST_POT, POT, Take the smallest pot",
    "SCRUBBED_POT, POT, 'Take a pot of the same size, scrubbed'",
    "MEDIUM_OFF, POT, Take a pot in which its leads have room",
    "KEEP_BALL, FILL, 'Fill round the ball, tap the pot, and press nothing'",
    "MEDIUM_OFF, FILL, 'Hold the plant at its level, pour'",
    "MEDIUM_OFF, MEDIUM_OFF, Take all the old medium off",
    "SHAKE_OUT, MEDIUM_OFF, Shake and rinse out what falls",
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
                  work.into(),
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
}
