package almanac.app.errands.bench;

import static java.util.stream.Collectors.toMap;

import almanac.app.ground.web.Reckons;
import almanac.app.judged.pages.Pages;
import almanac.app.judged.pages.Saved;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class JobsController {
  private final Jobs jobs;
  private final JobPages pages;
  private final Pages plantPages;
  private final Plants plants;
  private final Rules rules;
  private final Today today;

  JobsController(
      Jobs jobs, JobPages pages, Pages plantPages, Plants plants, Rules rules, Today today) {
    this.jobs = jobs;
    this.pages = pages;
    this.plantPages = plantPages;
    this.plants = plants;
    this.rules = rules;
    this.today = today;
  }

  /** A job among others, with what it waits for. */
  record JobLine(UUID uid, long plantId, String name, List<JobTold.TimerEntry> timers) {}

  /** A tally by itself. */
  record TallyAsked(
      @NotNull(message = "Give a tally.") @Valid TallyEntry tally,
      @Schema(description = "Whether a spike, buds or flowers are on") boolean inFlower) {}

  @PostMapping("/api/plants/{id}/job")
  @Operation(summary = "Begins a job at the bench, or goes on with the one that is open")
  JobPage begin(@PathVariable long id) {
    return pages.of(jobs.begin(id, today.get()));
  }

  @GetMapping("/api/jobs")
  @Operation(
      summary = "The jobs on plants that are here and not finished, with the timers that run")
  List<JobLine> open() {
    var here = plants.all().stream().collect(toMap(PlantInPlace::id, PlantInPlace::called));
    return jobs.open().stream()
        .filter(job -> here.containsKey(job.plantId()))
        .map(
            job ->
                new JobLine(job.uid(), job.plantId(), here.get(job.plantId()), job.told().timers()))
        .toList();
  }

  @GetMapping("/api/jobs/{uid}")
  @Operation(summary = "A job as it stands")
  JobPage one(@PathVariable UUID uid) {
    return pages.of(jobs.one(uid));
  }

  @PutMapping("/api/jobs/{uid}")
  @Operation(summary = "Keeps what was told of a job so far; its steps follow from what was found")
  JobPage save(
      @PathVariable UUID uid, @RequestParam int version, @Valid @RequestBody JobTold told) {
    return pages.of(jobs.save(uid, version, told, today.get()));
  }

  @PostMapping("/api/jobs/{uid}/finish")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Writes a job into the journal as one act")
  Saved finish(@PathVariable UUID uid, @RequestParam int version) {
    return plantPages.saved(jobs.finish(uid, version, today.get()));
  }

  @DeleteMapping("/api/jobs/{uid}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Gives a job up; nothing of it is kept")
  void giveUp(@PathVariable UUID uid) {
    jobs.giveUp(uid);
  }

  @Reckons
  @PostMapping("/api/tallies")
  @Operation(summary = "What a tally of roots comes to; nothing is stored")
  TallyView tally(@Valid @RequestBody TallyAsked asked) {
    return TallyView.of(asked.tally().tally(), asked.inFlower(), rules.figures());
  }
}
