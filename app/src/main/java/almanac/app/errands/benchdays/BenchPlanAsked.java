package almanac.app.errands.benchdays;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.record.entries.WindowEntry;
import almanac.core.benchdays.Asker;
import almanac.core.benchdays.BenchJob;
import almanac.core.benchdays.BenchPlan;
import almanac.core.benchdays.BenchPlans;
import almanac.core.benchdays.Soundness;
import almanac.core.figures.Figures;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.jspecify.annotations.Nullable;

/** Jobs that somebody sends along. */
@Schema(
    example =
        """
        {"today":"2027-05-15","days":[{"on":"2027-05-22","minutes":90},{"on":"2027-05-29","minutes":60}],
         "jobs":[{"name":"Skylark","early":"2027-05-16","best":"2027-05-23","late":"2027-05-30",
                  "minutes":45,"hazard":false,"need":60,"mix":"fine bark","soundness":"HEALTHY",
                  "flowersOver":null,"pinned":"2027-05-29"},
                 {"name":"Weir","early":"2027-05-16","best":"2027-05-22","late":"2027-05-30",
                  "minutes":45,"hazard":false,"need":50}],
         "first":true}""")
record BenchPlanAsked(
    @NotNull(message = "Give the day from which on is planned.") @Schema(example = "2027-05-15")
        LocalDate today,
    @NotNull(message = "Give the bench days.") @Size(max = 60, message = "At most 60 bench days.")
        List<BenchDaysEntry.@NotNull @Valid DayEntry> days,
    @NotNull(message = "Give the jobs.") @Size(max = 300, message = "At most 300 jobs.")
        List<@NotNull @Valid JobEntry> jobs,
    @Schema(
            nullable = true,
            description =
                "Whether a plan that is there within two seconds will do; up to twenty are searched"
                    + " for a better one unless it is")
        @Nullable Boolean first) {

  /** One job. */
  record JobEntry(
      @NotBlank(message = "Name the job.") @Size(max = 200) @Schema(example = "Skylark")
          String name,
      @NotNull(message = "Give the first day.") @Schema(example = "2027-05-16") LocalDate early,
      @NotNull(message = "Give the best day.") @Schema(example = "2027-05-23") LocalDate best,
      @NotNull(message = "Give the last day.") @Schema(example = "2027-05-30") LocalDate late,
      @Min(value = 1, message = "A job takes from 1 to 1440 minutes.")
          @Max(value = 1440, message = "A job takes from 1 to 1440 minutes.")
          @Schema(example = "45")
          int minutes,
      @Schema(description = "Whether it cannot wait") boolean hazard,
      @Min(value = 0, message = "Need goes from 0 to 100.")
          @Max(value = 100, message = "Need goes from 0 to 100.")
          @Schema(description = "How much it is wanted, 0 to 100", example = "60")
          double need,
      @Size(max = 200)
          @Schema(nullable = true, description = "The same is mixed once where it can be")
          @Nullable String mix,
      @Schema(nullable = true, description = "How safe others are after it; healthy if not told")
          @Nullable Soundness soundness,
      @Schema(nullable = true, description = "It is not moved before that day")
          @Nullable LocalDate flowersOver,
      @Schema(nullable = true, description = "The day that somebody chose")
          @Nullable LocalDate pinned) {}

  /**
   * @throws BadEntry if a day is named twice, or one is chosen that is no bench day
   * @throws CancellationException if the asker has left before it is found
   */
  BenchPlan plan(Asker asker) {
    refuse();
    var all = new ArrayList<BenchJob>();
    for (var job : jobs) {
      all.add(job(all.size(), job));
    }
    var named = days.stream().map(BenchDaysEntry.DayEntry::day).toList();
    return Boolean.TRUE.equals(first)
        ? BenchPlans.first(all, named, today, Figures.standard())
        : BenchPlans.plan(all, named, today, Figures.standard(), asker);
  }

  private void refuse() {
    var named = new NamedDays(days.stream().map(BenchDaysEntry.DayEntry::on).toList());
    for (int i = 0; i < jobs.size(); i++) {
      var pinned = jobs.get(i).pinned();
      if (pinned != null) {
        named.refuseOther(pinned, "jobs[%d].pinned".formatted(i));
      }
    }
  }

  private static BenchJob job(int i, JobEntry job) {
    return new BenchJob(
        String.valueOf(i),
        job.name(),
        new BenchJob.Days(
            WindowEntry.window("jobs[%d]".formatted(i), job.early(), job.best(), job.late()),
            Optional.ofNullable(job.flowersOver()),
            Optional.ofNullable(job.pinned()),
            Optional.empty(),
            Optional.empty()),
        job.minutes(),
        job.hazard(),
        job.need(),
        job.mix() == null ? "" : job.mix(),
        job.soundness() == null ? Soundness.HEALTHY : job.soundness());
  }
}
