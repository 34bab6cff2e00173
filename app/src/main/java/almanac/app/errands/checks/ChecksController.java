package almanac.app.errands.checks;

import almanac.app.ground.refusals.NotFound;
import almanac.app.judged.judging.Judging;
import almanac.app.judged.pages.Pages;
import almanac.app.judged.pages.PlantPage.CheckView;
import almanac.app.judged.pages.Saved;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.site.Today;
import almanac.core.checks.CheckAnswer;
import almanac.core.checks.CheckName;
import almanac.core.checks.diary.AsHoped;
import almanac.core.checks.diary.Listing;
import almanac.core.refusals.Longest;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ChecksController {

  private final Plants plants;
  private final Judging judging;
  private final Answering answering;
  private final Pages pages;
  private final Today today;

  ChecksController(Plants plants, Judging judging, Answering answering, Pages pages, Today today) {
    this.plants = plants;
    this.judging = judging;
    this.answering = answering;
    this.pages = pages;
    this.today = today;
  }

  /** A check with the plant it is for. */
  record DueCheck(
      long plantId,
      String number,
      String label,
      String placeName,
      @Schema(description = "Where it stands on the list of today") Listing listing,
      CheckView check) {}

  /** How a check came out. */
  record Answered(
      @NotNull(message = "Say what you found: as hoped, not as hoped, or cannot tell.")
          CheckAnswer answer,
      @Schema(nullable = true)
          @Size(max = Longest.NOTE, message = "A note has at most {max} characters.")
          String note) {}

  @GetMapping("/api/checks")
  @Operation(summary = "All open checks, the most urgent first")
  List<DueCheck> open() {
    return plants.all().stream()
        .flatMap(this::open)
        .sorted(Comparator.comparing(due -> due.check().best()))
        .toList();
  }

  /** A check after a move that came out as it was hoped. */
  record WentWell(long plantId, String name, String title, LocalDate on) {}

  @GetMapping("/api/checks/as-hoped")
  @Operation(summary = "Checks after a move that came out as hoped lately, the last first")
  List<WentWell> asHoped() {
    return plants.all().stream()
        .flatMap(
            plant ->
                AsHoped.lately(plant.plant().journal(), today.get(), judging.figures()).stream()
                    .map(
                        check ->
                            new WentWell(
                                plant.id(), plant.called(), check.purpose().title(), check.on())))
        .sorted(Comparator.comparing(WentWell::on).reversed())
        .toList();
  }

  @PostMapping("/api/plants/{id}/checks/{check}/answer")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Ticks a check off; the next one follows from it")
  Saved answer(
      @PathVariable long id,
      @Parameter(description = "Its name, as it is given with it", example = "STANDS.2027-03-14")
          @PathVariable
          String check,
      @Valid @RequestBody Answered answered) {
    return pages.saved(
        answering.answer(
            id,
            named(check),
            answered.answer(),
            answered.note() == null ? "" : answered.note(),
            today.get()));
  }

  /** For how long, and why. */
  record CheckPutOff(
      @NotNull(message = "Say until which day.") LocalDate until,
      @NotBlank(message = "Say why; in a month nobody knows.")
          @Size(max = Longest.LINE, message = "At most {max} characters.")
          @Schema(example = "Away until then")
          String reason) {}

  @PostMapping("/api/plants/{id}/checks/{check}/put-off")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Puts a check off, with the reason")
  Saved putOff(
      @PathVariable long id,
      @Parameter(description = "Its name, as it is given with it", example = "STANDS.2027-03-14")
          @PathVariable
          String check,
      @Valid @RequestBody CheckPutOff told) {
    return pages.saved(
        answering.putOff(id, named(check), told.until(), told.reason().strip(), today.get()));
  }

  private static CheckName named(String check) {
    return CheckName.parse(check)
        .orElseThrow(() -> new NotFound("There is no check “%s”.".formatted(check)));
  }

  private Stream<DueCheck> open(PlantInPlace plant) {
    var day = today.get();
    return judging.listed(plant, day).stream()
        .map(
            each ->
                new DueCheck(
                    plant.id(),
                    plant.card().who().number(),
                    plant.called(),
                    plant.place().name(),
                    each.listing(),
                    CheckView.of(each.open(), day)));
  }
}
