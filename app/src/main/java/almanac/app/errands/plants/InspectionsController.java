package almanac.app.errands.plants;

import almanac.app.judged.judging.Judging;
import almanac.app.judged.pages.Pages;
import almanac.app.judged.pages.Saved;
import almanac.app.record.entries.LookEntry;
import almanac.app.record.site.Today;
import almanac.core.refusals.Entered;
import almanac.core.refusals.Longest;
import almanac.core.refusals.PastDay;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
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

  /**
   * What was looked at on one day. Pages of older programs send their key in it as well as in the
   * header.
   */
  @JsonIgnoreProperties("sentKey")
  record NewInspection(
      @NotNull(message = "Say on which day you looked.") LocalDate on,
      @NotNull(message = "Nothing was looked at. Answer at least one row.")
          @Size(max = 100, message = "There are not so many things to look at.")
          Map<String, @Valid LookEntry> looks,
      @Schema(nullable = true)
          @Size(max = Longest.NOTE, message = "A note has at most {max} characters.")
          String note,
      @Schema(nullable = true, description = "The act that this corrects") UUID corrects) {}

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
            today.get()));
  }

  /** Plants of which each bears its own tag. */
  record TagsChecked(
      @NotEmpty(message = "Name the plants.") @Size(max = 500, message = "At most 500 at once.")
          List<@NotNull(message = "Name a plant.") Long> plants) {}

  @PostMapping("/api/tags/checked")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Writes down of several plants, as one act, that their tags are their own")
  Saved tagsChecked(@Valid @RequestBody TagsChecked checked) {
    return pages.saved(
        inspecting.tagsChecked(checked.plants().stream().distinct().toList(), today.get()));
  }
}
