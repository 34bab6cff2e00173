package almanac.core.bench;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.RootsCrowding;
import almanac.core.judgement.verdict.Step;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.pot.PotType;
import java.util.Set;

/** How long a job is likely to take, in minutes. Rules: At the bench. */
public final class WorkMinutes {
  private static final Set<PotType> HARD = Set.of(PotType.CLAY, PotType.GLAZED);

  private WorkMinutes() {}

  /**
   * At the usual pace.
   *
   * @return more than 0
   */
  public static double usual(Work work, Figures figures) {
    double minutes = of(work, figures);
    if (work.does(Step.PART) || work.only(Verdict.DIVIDE)) {
      minutes += figures.of(JobFigures.DIVIDE_MINUTES);
    }
    if (work.does(Step.KEEP_BALL)) {
      return minutes;
    }
    var crowding = work.history().latest(Items.CROWDING, work.on());
    if (work.clings() || crowding.saw(RootsCrowding.CIRCLING)) {
      minutes += figures.of(JobFigures.MANY_ROOTS_MINUTES);
    }
    if (HARD.contains(work.pot().type()) && work.clings()) {
      minutes += figures.of(JobFigures.HARD_POT_MINUTES);
    }
    return minutes;
  }

  private static double of(Work work, Figures figures) {
    if (work.does(Step.KEEP_BALL)
        || work.only(Verdict.LIFT_AND_LOOK)
        || work.only(Verdict.LET_GO)) {
      return figures.of(JobFigures.MOVE_UP_MINUTES);
    }
    if (work.does(Step.BACK_OFF) || work.does(Step.SHAKE_OUT)) {
      return figures.of(JobFigures.PART_REPOT_MINUTES);
    }
    return figures.of(
        work.inBark() ? JobFigures.BARK_REPOT_MINUTES : JobFigures.LOOSE_REPOT_MINUTES);
  }
}
