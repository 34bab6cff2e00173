package almanac.app.errands.benchdays;

import almanac.app.errands.benchdays.JobsAhead.Ahead;
import almanac.app.judged.pages.Part;
import almanac.core.bench.OwnPace;
import almanac.core.benchdays.BenchJob;
import almanac.core.benchdays.PlannedDay;
import almanac.core.benchdays.Soundness;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Timing;
import almanac.core.judgement.verdict.Verdict;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The bench days with their jobs. */
record BenchDaysPage(
    @Schema(description = "Who changes it must know it") String version,
    @Schema(description = "Whether a better plan is still searched for; ask again in some seconds")
        boolean searching,
    @Schema(description = "Those that are still to come, in their order") List<DayPlanned> days,
    @Schema(description = "Jobs that found no day, the most needed first") List<JobAhead> left,
    @Schema(description = "How many jobs of the past say how long they took") int paceOf,
    @Schema(description = "By how much the usual minutes are multiplied here") double pace) {

  /** One day. */
  record DayPlanned(
      LocalDate on,
      @Schema(description = "How much time somebody has") int minutes,
      @Schema(description = "How much of it went into jobs that are done") int done,
      @Schema(description = "How much of it the jobs take that are still to be done") int taken,
      @Schema(nullable = true, description = "What to do about more than fits")
          @Nullable List<Part> tooMuch,
      @Schema(description = "In the order of the work") List<JobAhead> jobs) {}

  /** One job. */
  record JobAhead(
      long plantId,
      String name,
      String placeName,
      Verdict verdict,
      @Schema(description = "What is done, or would be once it need not wait any more")
          String title,
      @Schema(nullable = true, description = "What must have come true before")
          @Nullable String awaits,
      int minutes,
      boolean hazard,
      Soundness soundness,
      @Schema(description = "Empty where nothing is mixed") String mix,
      LocalDate early,
      LocalDate best,
      LocalDate late,
      @Schema(description = "Whether somebody chose its day") boolean pinned,
      @Schema(description = "Why it lies there, or on no day and what would help") List<Part> why,
      @Schema(
              nullable = true,
              description = "Since when it is asked for and by when, and what came in between")
          @Nullable List<Part> asked) {
    static JobAhead of(Ahead ahead, boolean pinned, List<Part> why) {
      BenchJob job = ahead.job();
      var judged = ahead.judged();
      return new JobAhead(
          ahead.plant().id(),
          job.name(),
          ahead.plant().place().name(),
          judged.verdict(),
          BenchDaysPage.titleOf(judged),
          judged.timing() instanceof Timing.Waits waits ? waits.awaited().words() : null,
          job.minutes(),
          job.hazard(),
          job.soundness(),
          job.mix(),
          job.days().window().early(),
          job.days().window().best(),
          job.days().window().late(),
          pinned,
          why,
          job.asked(ahead.judged().ahead().today()).map(Part::of).orElse(null));
    }
  }

  /** What is done, or would be once it need not wait any more. */
  static String titleOf(Judgement judged) {
    return (judged.verdict().inHand() ? judged.verdict() : judged.method().verdict()).words();
  }

  static BenchDaysPage of(BenchDays.Planned planned, OwnPace pace) {
    var jobs = planned.jobs();
    return new BenchDaysPage(
        planned.version(),
        planned.first(),
        planned.plan().days().stream().map(day -> day(day, planned)).toList(),
        planned.plan().left().stream()
            .map(left -> JobAhead.of(jobs.get(left.job().id()), false, Part.of(left.why())))
            .toList(),
        pace.jobs(),
        pace.times());
  }

  private static DayPlanned day(PlannedDay day, BenchDays.Planned planned) {
    return new DayPlanned(
        day.day().on(),
        day.day().minutes(),
        day.day().done(),
        day.taken(),
        day.tooMuch().map(Part::of).orElse(null),
        day.jobs().stream()
            .map(
                each ->
                    JobAhead.of(
                        planned.jobs().get(each.job().id()), each.pinned(), Part.of(each.why())))
            .toList());
  }
}
