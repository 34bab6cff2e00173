package almanac.core.benchdays;

import static ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore.ofSoft;

import ai.timefold.solver.core.api.domain.solution.ConstraintWeightOverrides;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/** How much the wishes weigh against each other. */
final class Weights {
  private static final Map<BenchRule, Figure> WISHES =
      Map.of(
          BenchRule.LATE, DayFigures.LATE,
          BenchRule.IDLE, DayFigures.IDLE,
          BenchRule.BEST, DayFigures.OFF_BEST,
          BenchRule.MIX, DayFigures.MIX_AGAIN,
          BenchRule.STAYS, DayFigures.MOVED);

  private Weights() {}

  /**
   * @param without rules that are not to count at all
   */
  static ConstraintWeightOverrides<HardMediumSoftLongScore> of(
      Figures figures, Set<BenchRule> without) {
    var weights = new HashMap<String, HardMediumSoftLongScore>();
    weights.put(
        BenchRule.OVERDUE.name(),
        HardMediumSoftLongScore.ofMedium(figures.count(DayFigures.OVERDUE)));
    WISHES.forEach((rule, figure) -> weights.put(rule.name(), ofSoft(figures.count(figure))));
    without.forEach(rule -> weights.put(rule.name(), HardMediumSoftLongScore.ZERO));
    return ConstraintWeightOverrides.of(weights);
  }
}
