package almanac.core.bench;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.judgement.PlantAtHand;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Method;
import almanac.core.judgement.verdict.Step;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.Mix;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
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
}
