package almanac.core.benchdays;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.entity.PlanningPin;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import java.time.LocalDate;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Where a job lies; what the solver moves about. */
@PlanningEntity
final class JobSeat {
  @PlanningId private String id = "";
  private @Nullable BenchJob job;
  @PlanningPin private boolean pinned;

  @PlanningVariable(allowsUnassigned = true)
  private @Nullable BenchDay day;

  /** For the solver, which makes copies. */
  JobSeat() {}

  JobSeat(BenchJob job, @Nullable BenchDay day, boolean pinned) {
    this.id = job.id();
    this.job = job;
    this.day = day;
    this.pinned = pinned;
  }

  BenchJob job() {
    return Objects.requireNonNull(job);
  }

  boolean pinned() {
    return pinned;
  }

  @Nullable BenchDay day() {
    return day;
  }

  void lay(@Nullable BenchDay on) {
    this.day = on;
  }

  /** The day of a job that lies on one. */
  LocalDate on() {
    return Objects.requireNonNull(day).on();
  }

  boolean lies() {
    return day != null;
  }
}
