package almanac.app.errands.benchdays;

import almanac.app.judged.pages.Part;
import almanac.core.benchdays.BenchPlan;
import almanac.core.benchdays.BenchRule;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A plan for jobs that somebody sent along. */
record BenchPlanAnswer(
    List<DayLaid> days,
    List<JobLeft> left,
    @Schema(description = "Minutes too many and days outside windows, all by what was chosen")
        long broken,
    @Schema(description = "How much need found no day, and days that hazards wait") long unmet,
    @Schema(description = "Days off the best ones and mixes made again, in points") long wishes) {

  /** One day. */
  record DayLaid(
      LocalDate on,
      int minutes,
      int taken,
      @Schema(nullable = true) @Nullable List<Part> tooMuch,
      @Schema(description = "In the order of the work") List<JobLaid> jobs) {}

  /** One job on its day. */
  record JobLaid(
      String name,
      boolean pinned,
      @Schema(description = "Without these rules it would lie nearer to its best day")
          Set<BenchRule> binding,
      List<Part> why) {}

  /** One job on no day. */
  record JobLeft(String name, BenchRule binding, List<Part> why) {}

  static BenchPlanAnswer of(BenchPlan plan) {
    return new BenchPlanAnswer(
        plan.days().stream()
            .map(
                day ->
                    new DayLaid(
                        day.day().on(),
                        day.day().minutes(),
                        day.taken(),
                        day.tooMuch().map(Part::of).orElse(null),
                        day.jobs().stream()
                            .map(
                                each ->
                                    new JobLaid(
                                        each.job().name(),
                                        each.pinned(),
                                        each.binding(),
                                        Part.of(each.why())))
                            .toList()))
            .toList(),
        plan.left().stream()
            .map(left -> new JobLeft(left.job().name(), left.binding(), Part.of(left.why())))
            .toList(),
        plan.cost().broken(),
        plan.cost().left(),
        plan.cost().wishes());
  }
}
