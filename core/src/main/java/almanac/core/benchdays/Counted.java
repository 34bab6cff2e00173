package almanac.core.benchdays;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import ai.timefold.solver.core.api.solver.SolutionManager;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** What a plan costs by each rule, in the solver's own count; and what another day would cost. */
final class Counted {
  private final SolutionManager<Board, HardMediumSoftLongScore> manager;
  private final Board board;

  Counted(SolutionManager<Board, HardMediumSoftLongScore> manager, Board board) {
    this.manager = manager;
    this.board = board;
  }

  HardMediumSoftLongScore score() {
    return manager.update(board);
  }

  Map<BenchRule, HardMediumSoftLongScore> byRule() {
    var scores = new EnumMap<BenchRule, HardMediumSoftLongScore>(BenchRule.class);
    manager
        .analyze(board)
        .constraintMap()
        .forEach(
            (constraint, analysis) ->
                scores.put(BenchRule.valueOf(constraint.constraintName()), analysis.score()));
    return scores;
  }

  /** What is found with a job on another day, which it is put back from. */
  <T> T with(JobSeat seat, @Nullable BenchDay day, Supplier<T> look) {
    var here = seat.day();
    seat.lay(day);
    try {
      return look.get();
    } finally {
      seat.lay(here);
    }
  }
}
