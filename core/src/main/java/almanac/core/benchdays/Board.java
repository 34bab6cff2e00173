package almanac.core.benchdays;

import ai.timefold.solver.core.api.domain.solution.ConstraintWeightOverrides;
import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactCollectionProperty;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** All jobs, all days, and how good the plan is; what the solver works on. */
@PlanningSolution
final class Board {
  @ProblemFactCollectionProperty @ValueRangeProvider private List<BenchDay> days = List.of();
  @PlanningEntityCollectionProperty private List<JobSeat> seats = List.of();
  @PlanningScore private @Nullable HardMediumSoftLongScore score;

  private ConstraintWeightOverrides<HardMediumSoftLongScore> weights =
      ConstraintWeightOverrides.none();

  /** For the solver, which makes copies. */
  Board() {}

  Board(
      List<BenchDay> days,
      List<JobSeat> seats,
      ConstraintWeightOverrides<HardMediumSoftLongScore> weights) {
    this.days = days;
    this.seats = seats;
    this.weights = weights;
  }

  List<BenchDay> days() {
    return days;
  }

  List<JobSeat> seats() {
    return seats;
  }

  /** How good it is; for boards that were solved. */
  HardMediumSoftLongScore score() {
    return Objects.requireNonNull(score);
  }

  /** How many minutes of a day are taken. */
  int taken(BenchDay day) {
    return seats.stream()
        .filter(seat -> day.equals(seat.day()))
        .mapToInt(seat -> seat.job().minutes())
        .sum();
  }
}
