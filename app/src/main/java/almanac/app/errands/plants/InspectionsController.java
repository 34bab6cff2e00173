package almanac.app.errands.plants;

import almanac.app.judged.judging.Judging;
import almanac.app.judged.pages.Pages;
import almanac.app.judged.pages.Saved;
import almanac.app.record.entries.LookEntry;
import almanac.app.record.site.Today;
import almanac.core.refusals.Entered;
import almanac.core.refusals.PastDay;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class InspectionsController {
  private final Inspecting inspecting;
  private final Judging judging;
  private final Pages pages;
  private final Today today;

  InspectionsController(Inspecting inspecting, Judging judging, Pages pages, Today today) {
    this.inspecting = inspecting;
    this.judging = judging;
    this.pages = pages;
    this.today = today;
  }

  /** What was looked at on one day. */
  record NewInspection(
      @NotNull(message = "Say on which day you looked.") LocalDate on,
      @NotNull(message = "Nothing was looked at. Answer at least one row.")
          @Size(max = 100, message = "There are not so many things to look at.")
          Map<String, @Valid LookEntry> looks,
      @Schema(nullable = true) @Size(max = 2000, message = "A note has at most 2000 characters.")
          String note,
      @Schema(nullable = true, description = "The act that this corrects") UUID corrects,
      @Schema(
              nullable = true,
              description =
                  "Given by who sends it; the same key is written once, however often sent")
          @Size(min = 8, max = 60, message = "A key has 8 to 60 characters.")
          String sentKey) {}

  @PostMapping("/api/plants/{id}/inspections")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Writes down an inspection, or corrects one; nothing is overwritten")
  Saved inspect(@PathVariable long id, @Valid @RequestBody NewInspection entry) {
    var day = PastDay.check(Entered.ON, entry.on(), today.get());
    var inspection = LookEntry.inspection(day, entry.looks(), judging.figures());
    return pages.saved(
        inspecting.inspect(
            id,
            inspection,
            entry.note() == null ? "" : entry.note(),
            entry.corrects(),
            entry.sentKey(),
            today.get()));
  }
}
