package almanac.app.record.entries;

import almanac.core.history.PlantStatus;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;

/** What stands on a plant's card. */
public record CardEntry(
    @NotBlank(message = "A plant needs a number.")
        @Size(max = 20, message = "A number has at most 20 characters.")
        String number,
    @NotBlank(message = "Give the name as it stands on the label.")
        @Size(max = 200, message = "A name has at most 200 characters.")
        String label,
    @NotNull @Size(max = 200, message = "A name has at most 200 characters.") String believed,
    @NotNull @Size(max = 200, message = "A name has at most 200 characters.") String confirmed,
    @NotNull @Size(max = 200, message = "Parents have at most 200 characters.") String parents,
    @NotNull(message = "Say where it is in its life.") PlantStatus status,
    @NotNull @Size(max = 400, message = "A reason has at most 400 characters.") String statusReason,
    @NotNull @Size(max = 4000, message = "Notes have at most 4000 characters.") String notes,
    @NotNull @Size(max = 200, message = "At most 200 characters.") String cameFrom,
    @NotNull @Size(max = 40, message = "A price has at most 40 characters.") String price,
    @Schema(nullable = true) Long motherId,
    @Schema(nullable = true) LocalDate apartSince,
    @Schema(nullable = true) LocalDate heldSince) {}
