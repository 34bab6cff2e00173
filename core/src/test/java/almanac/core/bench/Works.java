package almanac.core.bench;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.Rim;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Stability;
import almanac.core.judgement.PlantAtHand;
import almanac.core.judgement.evidence.Situation;
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
    var work = Work.of(judged, situation, pot(pot), pot(pot), fresh);
    return new Work(
        work.on(),
        verdict,
        new Method(verdict, Set.of(steps), say("."), ""),
        work.kind(),
        work.history(),
        work.pot(),
        work.into(),
        fresh,
        Set.of());
  }

  /** What a judgement asks for, of a plant of whose pot nothing is known. */
  static Work asJudged(Situation situation) {
    return into(situation, Pot.NOT_NOTED, Pot.NOT_NOTED);
  }

  static Work into(PlantAtHand plant, Pot into) {
    return into(plant.situation(), pot(PotType.PLASTIC), into);
  }

  private static Work into(Situation situation, Pot pot, Pot into) {
    var judged = new Judge(Figures.standard()).judge(situation);
    return Work.of(judged, situation, pot, into, situation.history().potting().mix());
  }

  private static Pot pot(PotType type) {
    return new Pot(type, 120.0, 110.0, "");
  }

  static PlantAtHand spent(String kind, Component medium) {
    return PlantAtHand.of(kind)
        .potted(60, Mix.of(medium))
        .saw(Items.SMELL, Smell.SOUR)
        .saw(Items.NEW_ROOTS, RootStage.NUB)
        .saw(Items.RIM, Rim.OVER);
  }

  static List<JobStep> steps(PlantAtHand plant, Pot pot) {
    return JobSteps.of(into(plant.situation(), pot, pot), Figures.standard());
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
