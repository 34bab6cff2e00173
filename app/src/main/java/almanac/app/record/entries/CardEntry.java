package almanac.app.record.entries;

import almanac.core.history.PlantStatus;
import almanac.core.refusals.Longest;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;

/** What stands on a plant's card. */
public record CardEntry(
    @NotBlank(message = "A plant needs a number.")
        @Size(max = Longest.NUMBER, message = "A number has at most {max} characters.")
        String number,
    @NotBlank(message = "Give the name as it stands on the label.")
        @Size(max = Longest.NAME, message = "A name has at most {max} characters.")
        String label,
    @NotNull @Size(max = Longest.NAME, message = "A name has at most {max} characters.")
        String believed,
    @NotNull @Size(max = Longest.NAME, message = "A name has at most {max} characters.")
        String confirmed,
    @Schema(
            nullable = true,
            description = "Colour, shape and scent of its flowers; as they were unless given")
        @Size(max = Longest.LINE, message = "Describe its flowers in at most {max} characters.")
        String flowers,
    @NotNull @Size(max = Longest.NAME, message = "Parents have at most {max} characters.")
        String parents,
    @NotNull(message = "Say where it is in its life.") PlantStatus status,
    @NotNull @Size(max = Longest.REASON, message = "A reason has at most {max} characters.")
        String statusReason,
    @NotNull @Size(max = Longest.NOTES, message = "Notes have at most {max} characters.")
        String notes,
    @NotNull @Size(max = Longest.LINE, message = "At most {max} characters.") String cameFrom,
    @NotNull @Size(max = Longest.PRICE, message = "A price has at most {max} characters.")
        String price,
    @Schema(nullable = true) Long motherId,
    @Schema(nullable = true) LocalDate apartSince,
    @Schema(nullable = true) LocalDate heldSince) {}
