package almanac.app.repots;

import almanac.app.journal.Journal;
import almanac.app.journal.JournalEntry;
import almanac.app.journal.PlantRecord;
import almanac.app.journal.Pot;
import almanac.app.journal.Recorder;
import almanac.app.plants.Pages;
import almanac.app.plants.Saved;
import almanac.app.site.Today;
import almanac.core.PastDay;
import almanac.core.Refused;
import almanac.core.history.Potting;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Item;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RepotsController {
  private final Journal journal;
  private final Recorder recorder;
  private final Pages pages;
  private final Today today;

  RepotsController(Journal journal, Recorder recorder, Pages pages, Today today) {
    this.journal = journal;
    this.recorder = recorder;
    this.pages = pages;
    this.today = today;
  }

  /** A move into fresh medium. */
  record Repot(
      @NotNull(message = "Say on which day it was repotted.") LocalDate on,
      @NotEmpty(message = "A mix needs at least one component.")
          List<@NotNull(message = "Give a component and its parts.") @Valid MixPart> mix,
      @Schema(nullable = true, description = "How wet it is kept; without it, as its kind wants")
          Moisture moisture,
      @Schema(nullable = true, description = "The same pot as before unless given") @Valid
          PotEntry pot,
      @Schema(nullable = true) @Size(max = 2000, message = "A note has at most 2000 characters.")
          String note,
      @Schema(nullable = true, description = "The line of the journal that this corrects")
          Long corrects,
      @Schema(
              nullable = true,
              description =
                  "Only to correct what a plant came in: a day, a month, a year, or unknown")
          @Size(max = 40, message = "Say when it was potted: a day, a month, a year, or unknown.")
          String pottedOn) {}

  @PostMapping("/api/plants/{id}/repots")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Writes down a repot: the medium's clock starts anew, aftercare is booked")
  Saved repot(@PathVariable long id, @Valid @RequestBody Repot repot) {
    var plant = journal.one(id);
    var day = PastDay.check("on", repot.on(), today.get());
    var wrong =
        plant.inForce().stream()
            .filter(line -> Objects.equals(line.id(), repot.corrects()))
            .findFirst();
    boolean cameIn = wrong.filter(plant::cameIn).isPresent();
    if (repot.pottedOn() != null && !cameIn) {
      throw new Refused(
          "pottedOn", "Only what a plant came in can have been potted some other day.");
    }
    var potting =
        new Potting(
            repot.pottedOn() == null
                ? PottedOn.on(day)
                : PottedOn.entered("pottedOn", repot.pottedOn(), today.get()),
            cameIn ? wrong.get().on() : day,
            MixPart.mix(repot.mix()),
            repot.moisture() == null ? plant.profile().moisture() : repot.moisture());
    boolean inFlower =
        plant.history().latest(Item.BLOOM, day).answer().filter(Bloom::inFlower).isPresent();
    return pages.saved(
        recorder.repot(
            id,
            potting,
            pot(plant, repot.pot()),
            inFlower,
            repot.corrects(),
            repot.note() == null ? "" : repot.note(),
            today.get()));
  }

  private static Pot pot(PlantRecord plant, @Nullable PotEntry entry) {
    return entry == null
        ? ((JournalEntry.Potted) plant.currentPotting().content()).pot()
        : PotEntry.pot(entry);
  }
}
