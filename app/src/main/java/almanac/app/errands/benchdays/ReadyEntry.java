package almanac.app.errands.benchdays;

import almanac.core.refusals.Longest;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** A thing on the list of preparation that is ready, or is not after all. */
record ReadyEntry(
    @NotBlank(message = "Say which thing.")
        @Size(max = Longest.THING, message = "At most {max} characters.")
        @Schema(description = "As the list names it, and its amount", example = "gloves")
        String thing,
    @NotNull(message = "Say whether it is ready.") Boolean ready) {}
