package almanac.app.errands.bench;

import almanac.app.record.collection.Plants;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class BatchesController {
  private final Batches batches;
  private final Jobs jobs;
  private final Plants plants;
  private final DayPlan plan;
  private final Today today;

  BatchesController(Batches batches, Jobs jobs, Plants plants, DayPlan plan, Today today) {
    this.batches = batches;
    this.jobs = jobs;
    this.plants = plants;
    this.plan = plan;
    this.today = today;
  }

  /** Plants to be worked on in one go, in their order. */
  record BatchEntry(
      @NotNull(message = "Say which plants.")
          List<@NotNull(message = "Say which plant.") Long> plants) {}

  /** A tag that was held against the record. */
  record TagEntry(
      @NotNull(message = "Say which plant.") Long plant,
      @Schema(description = "Whether it is the right one") boolean right) {}

  /** A batch among others. */
  record BatchInHand(UUID uid, int plants, int open) {}

  @PostMapping("/api/batches")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Begins a job on each of several plants, with one preparation")
  BatchPage begin(@Valid @RequestBody BatchEntry entry) {
    return page(batches.begin(entry.plants(), today.get()));
  }

  @GetMapping("/api/batches")
  @Operation(summary = "The batches of which not all is done")
  List<BatchInHand> open() {
    return batches.open().stream()
        .map(
            batch ->
                new BatchInHand(
                    batch.uid(),
                    batch.plants().size(),
                    (int)
                        batch.plants().stream().filter(plant -> jobs.isOpen(plant.job())).count()))
        .toList();
  }

  @GetMapping("/api/batches/{uid}")
  @Operation(summary = "A batch as it stands, with what it needs")
  BatchPage one(@PathVariable UUID uid) {
    return page(batches.one(uid));
  }

  @PutMapping("/api/batches/{uid}/tags")
  @Operation(summary = "Says of a tag whether it was held against the record")
  BatchPage check(@PathVariable UUID uid, @Valid @RequestBody TagEntry entry) {
    return page(batches.check(uid, entry.plant(), entry.right()));
  }

  /** One plant of a batch. */
  record OfBatch(@NotNull(message = "Say which plant.") Long plant) {}

  /** The plant whose pot, mix and steps are told of all. */
  record LikeEntry(@NotNull(message = "Say like which plant.") Long like) {}

  @PostMapping("/api/batches/{uid}/same")
  @Operation(
      summary = "Tells of all others what was told of one: pot, mix, layers and steps",
      description = "What was found, counted and cut stays each plant's own.")
  BatchPage same(@PathVariable UUID uid, @Valid @RequestBody LikeEntry entry) {
    return page(batches.same(uid, entry.like(), today.get()));
  }

  @DeleteMapping("/api/batches/{uid}/same")
  @Operation(
      summary = "Takes back that the same was told of all",
      description = "Whoever went on since, or is done, stays as it is.")
  BatchPage apart(@PathVariable UUID uid) {
    return page(batches.apart(uid));
  }

  @PostMapping("/api/batches/{uid}/done")
  @Operation(summary = "Finishes the job of one plant as it was told; its tag is the right one")
  BatchPage done(@PathVariable UUID uid, @Valid @RequestBody OfBatch entry) {
    return page(batches.done(uid, entry.plant(), today.get()));
  }

  @DeleteMapping("/api/batches/{uid}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Ends a batch, once all jobs are finished and all tags checked")
  void end(@PathVariable UUID uid) {
    batches.end(uid);
  }

  private BatchPage page(BatchTable.Batch batch) {
    var open =
        batch.plants().stream()
            .filter(plant -> plants.has(plant.plantId()))
            .filter(plant -> jobs.isOpen(plant.job()))
            .map(plant -> jobs.one(plant.job()))
            .toList();
    var needs = plan.ofJobs(open, today.get());
    return new BatchPage(
        batch.uid(),
        batch.begunOn(),
        batch.plants().stream()
            .filter(plant -> plants.has(plant.plantId()))
            .map(this::line)
            .toList(),
        batches.alike(batch).size(),
        needs.atHand(),
        needs.mixes(),
        needs.lacking());
  }

  private BatchPage.BatchLine line(BatchTable.BatchPlant each) {
    var plant = plants.one(each.plantId());
    if (!jobs.isOpen(each.job())) {
      return new BatchPage.BatchLine(
          plant.id(), plant.name(), plant.card().who().number(), null, "", 0, 0, each.tagChecked());
    }
    var job = jobs.one(each.job());
    var atHand = jobs.atHand(job, plant);
    return new BatchPage.BatchLine(
        plant.id(),
        plant.name(),
        plant.card().who().number(),
        job.uid(),
        atHand.work().method().words().toString(),
        job.told().done().size() + job.told().skipped().size(),
        atHand.steps().size(),
        each.tagChecked());
  }
}
