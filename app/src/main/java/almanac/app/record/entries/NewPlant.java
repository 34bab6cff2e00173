package almanac.app.record.entries;

import almanac.core.medium.Moisture;
import almanac.core.refusals.Longest;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A plant to add. */
public record NewPlant(
    @NotBlank(message = "Give the name as it stands on the label.")
        @Size(max = Longest.NAME, message = "A name has at most {max} characters.")
        String label,
    @NotBlank(message = "Choose what kind of plant it is.") String kind,
    @Schema(nullable = true, description = "The place it stands in; null for a new one")
        @Nullable Long placeId,
    @Schema(nullable = true, description = "A place that is not there yet; added with the plant")
        @Valid
        @Nullable NewPlace newPlace,
    @NotBlank(message = "Say when it was potted: a day, a month, a year, or unknown.")
        @Size(max = 40, message = "Say when it was potted: a day, a month, a year, or unknown.")
        @Schema(description = "A day, a month, a year, or unknown", example = "2026-05")
        String pottedOn,
    @NotEmpty(message = "A mix needs at least one component.")
        List<@NotNull(message = "Give a component and its parts.") @Valid MixPart> mix,
    @Schema(nullable = true, description = "How wet it is kept; without it, as its kind wants")
        Moisture moisture,
    @Schema(nullable = true, description = "The pot itself; not noted unless given") PotEntry pot,
    @Schema(nullable = true, description = "The day it came; null if nobody knows")
        LocalDate arrivedOn,
    @Schema(nullable = true, description = "Whether it came without live roots")
        Boolean cameRootless,
    @Schema(nullable = true) @Size(max = Longest.LINE, message = "At most {max} characters.")
        String cameFrom,
    @Schema(nullable = true)
        @Size(max = Longest.PRICE, message = "A price has at most {max} characters.")
        String price,
    @Schema(nullable = true, description = "Kept apart from the others from today on")
        Boolean apart,
    @Schema(nullable = true, description = "Held in the pot it came in from today on") Boolean held,
    @Schema(nullable = true, description = "The plant that it was divided from") Long motherId) {

  /** A place that is added with the first plant on it. */
  public record NewPlace(
      @NotBlank(message = "Give the place a name.")
          @Size(max = Longest.SHORT_NAME, message = "A place's name has at most {max} characters.")
          String name,
      @Schema(description = "Whether lamps give it light, for as long as the rules say")
          boolean lamps) {}
}
