package almanac.app.checks;

import almanac.app.journal.Journal;
import almanac.app.journal.PlantRecord;
import almanac.app.journal.Recorder;
import almanac.app.plants.Pages;
import almanac.app.plants.PlantPage.CheckView;
import almanac.app.plants.Saved;
import almanac.app.site.Today;
import almanac.core.followup.CheckAnswer;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/checks")
class ChecksController {
  private final Journal journal;
  private final Recorder recorder;
  private final Pages pages;
  private final Today today;

  ChecksController(Journal journal, Recorder recorder, Pages pages, Today today) {
    this.journal = journal;
    this.recorder = recorder;
    this.pages = pages;
    this.today = today;
  }

  /** A check with the plant it is for. */
  record DueCheck(long plantId, String number, String label, String benchName, CheckView check) {}

  /** How a check came out. */
  record Answered(
      @NotNull(message = "Say what you found: as hoped, not as hoped, or cannot tell.")
          CheckAnswer answer,
      @Schema(nullable = true) @Size(max = 2000, message = "A note has at most 2000 characters.")
          String note) {}

  @GetMapping
  @Operation(summary = "All open checks, the most urgent first")
  List<DueCheck> open() {
    return journal.all().stream()
        .flatMap(this::open)
        .sorted(Comparator.comparing(due -> due.check().best()))
        .toList();
  }

  @PostMapping("/{id}/answer")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Ticks a check off; the next one is booked")
  Saved answer(@PathVariable long id, @Valid @RequestBody Answered answered) {
    return pages.saved(
        recorder.answer(
            id, answered.answer(), answered.note() == null ? "" : answered.note(), today.get()));
  }

  private Stream<DueCheck> open(PlantRecord plant) {
    return plant.openChecks().stream()
        .map(
            booked ->
                new DueCheck(
                    plant.id(),
                    plant.facts().number(),
                    plant.facts().name(),
                    plant.bench().name(),
                    Pages.check(booked, today.get())));
  }
}
