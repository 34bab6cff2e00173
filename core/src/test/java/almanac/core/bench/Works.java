package almanac.core.bench;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.Rim;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Stability;
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
import java.util.List;
import java.util.Set;

/** Work at the bench that does just what a test says. */
final class Works {
  private Works() {}

  static Work of(PlantAtHand plant, Verdict verdict, PotType pot, Step... steps) {
    return of(plant, verdict, pot, plant.situation().history().potting().mix(), steps);
  }

  static Work of(PlantAtHand plant, Verdict verdict, PotType pot, Mix fresh, Step... steps) {
    var situation = plant.situation();
    var judged = new Judge(Figures.standard()).judge(situation);
    var work = Work.of(judged, situation, new Pot(pot, 120.0, 110.0, ""), fresh);
    return new Work(
        work.on(),
        verdict,
        new Method(verdict, Set.of(steps), say("."), ""),
        work.kind(),
        work.history(),
        work.pot(),
        fresh,
        Set.of());
  }

  static PlantAtHand spent(String kind, Component medium) {
    return PlantAtHand.of(kind)
        .potted(60, Mix.of(medium))
        .saw(Items.SMELL, Smell.SOUR)
        .saw(Items.NEW_ROOTS, RootStage.NUB)
        .saw(Items.RIM, Rim.OVER);
  }

  static List<JobStep> steps(PlantAtHand plant, Pot pot) {
    var situation = plant.situation();
    var judged = new Judge(Figures.standard()).judge(situation);
    var work = Work.of(judged, situation, pot, situation.history().potting().mix());
    return JobSteps.of(work, Figures.standard());
  }

  static PlantAtHand firm(String kind, Component medium) {
    return PlantAtHand.of(kind).potted(20, Mix.of(medium)).saw(Items.STABILITY, Stability.FIRM);
  }

  static List<JobStep> asked(Verdict verdict, Component into, Step... steps) {
    return JobSteps.of(
        Works.of(firm("oncidium", Component.LAVA), verdict, PotType.PLASTIC, Mix.of(into), steps),
        Figures.standard());
  }

  static JobStep step(List<JobStep> steps, Task task) {
    return steps.stream().filter(each -> each.task() == task).findFirst().orElseThrow();
  }
}
