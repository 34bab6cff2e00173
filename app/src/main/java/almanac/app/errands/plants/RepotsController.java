package almanac.app.errands.plants;

import almanac.app.judged.pages.Pages;
import almanac.app.judged.pages.Saved;
import almanac.app.record.entries.MixPart;
import almanac.app.record.entries.PotEntry;
import almanac.app.record.site.Today;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.refusals.Entered;
import almanac.core.refusals.Longest;
import almanac.core.refusals.PastDay;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RepotsController {
  private final Repotting repotting;
  private final Pages pages;
  private final Today today;

  RepotsController(Repotting repotting, Pages pages, Today today) {
    this.repotting = repotting;
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
      @Schema(nullable = true)
          @Size(max = Longest.NOTE, message = "A note has at most {max} characters.")
          String note,
      @Schema(nullable = true, description = "The act that this corrects") UUID corrects,
      @Schema(
              nullable = true,
              description =
                  "Only to correct what a plant came in: a day, a month, a year, or unknown")
          @Size(max = 40, message = "Say when it was potted: a day, a month, a year, or unknown.")
          String pottedOn) {}

  @PostMapping("/api/plants/{id}/repots")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Writes down a repot: the medium's clock starts anew, aftercare begins")
  Saved repot(@PathVariable long id, @Valid @RequestBody Repot repot) {
    var day = PastDay.check(Entered.ON, repot.on(), today.get());
    var move =
        new Repotting.Move(
            day,
            MixPart.mix(repot.mix()),
            repot.moisture(),
            repot.pot() == null ? null : PotEntry.pot(repot.pot()),
            repot.note() == null ? "" : repot.note(),
            repot.corrects(),
            repot.pottedOn() == null ? null : PottedOn.entered(repot.pottedOn(), today.get()));
    return pages.saved(repotting.repot(id, move, today.get()));
  }
}
