package almanac.app.errands.treatments;

import almanac.app.errands.treatments.SmallJobs.Ticked;
import almanac.app.errands.treatments.SmallJobs.ToDo;
import almanac.app.judged.pages.Pages;
import almanac.app.judged.pages.Part;
import almanac.app.judged.pages.Saved;
import almanac.app.record.site.Today;
import almanac.core.inspection.Fix;
import almanac.core.refusals.Longest;
import almanac.core.words.Sentence;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/small-jobs")
class SmallJobsController {
  private final SmallJobs jobs;
  private final Pages pages;
  private final Today today;

  SmallJobsController(SmallJobs jobs, Pages pages, Today today) {
    this.jobs = jobs;
    this.pages = pages;
    this.today = today;
  }

  /** A small job on a plant. */
  record SmallJobLine(
      long plantId,
      String name,
      String placeName,
      @Schema(description = "Whether the plant is come to last: it is kept apart or treated")
          boolean apart,
      @Schema(nullable = true, description = "Of the slip; absent for one of the collector's own")
          @Nullable Fix fix,
      @Schema(nullable = true, description = "The collector's own") @Nullable String task,
      List<Part> words,
      @Schema(description = "What to take along") List<String> carry) {
    static SmallJobLine of(ToDo todo) {
      var plant = todo.plant();
      var job = todo.job();
      return new SmallJobLine(
          plant.id(),
          plant.called(),
          plant.place().name(),
          plant.plant().comesLast(),
          job == null ? null : job.fix(),
          todo.task(),
          Part.of(
              job == null ? Sentence.say("{}", Objects.requireNonNull(todo.task())) : job.words()),
          job == null ? List.of() : job.fix().carry());
    }
  }

  @GetMapping
  @Operation(summary = "The small jobs of all plants in the order of a round, or of one plant")
  List<SmallJobLine> all(@RequestParam Optional<Long> plant) {
    return plant
        .map(one -> jobs.of(one, today.get()))
        .orElseGet(() -> jobs.on(today.get()))
        .stream()
        .map(SmallJobLine::of)
        .toList();
  }

  /** A job that was ticked off. */
  record TickedJob(
      @NotNull(message = "Say on which plant.") Long plant,
      @Schema(nullable = true, description = "Of the slip") @Nullable Fix fix,
      @Schema(nullable = true, description = "The collector's own, letter by letter")
          @Nullable String task) {}

  /** Jobs that were ticked off together. */
  record JobsDone(
      @NotEmpty(message = "Say what was done.") @Size(max = 500, message = "At most 500 at once.")
          List<@NotNull @Valid TickedJob> done) {}

  @PostMapping("/done")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Writes small jobs that were done into each journal, as one act")
  Saved done(@Valid @RequestBody JobsDone told) {
    return pages.saved(
        jobs.done(
            told.done().stream()
                .map(each -> new Ticked(each.plant(), each.fix(), each.task()))
                .distinct()
                .toList(),
            today.get()));
  }

  /** A job for some plants. */
  record OwnJob(
      @NotBlank(message = "Say what is to be done.")
          @Size(max = Longest.LINE, message = "A small job has at most {max} characters.")
          @Schema(example = "Dark cover round the clear pot")
          String task,
      @NotEmpty(message = "Choose at least one plant.")
          @Size(max = 500, message = "At most 500 plants at once.")
          List<@NotNull Long> plants) {}

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Gives some plants a small job of the collector's own")
  Saved ask(@Valid @RequestBody OwnJob wanted) {
    return pages.saved(jobs.ask(wanted.task().strip(), wanted.plants(), today.get()));
  }
}
