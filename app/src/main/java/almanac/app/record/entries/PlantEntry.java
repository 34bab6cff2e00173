package almanac.app.record.entries;

import almanac.core.history.Aim;
import almanac.core.history.Approach;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.UUID;

/** A plant as its card is to read. */
public record PlantEntry(
    @NotNull(message = "Send the version of the page that was changed.") UUID version,
    @NotNull(message = "Send the card.") @Valid CardEntry card,
    @NotBlank(message = "Choose what kind of plant it is.") String kind,
    @NotNull(message = "Choose the place it stands in.") Long placeId,
    @NotNull(message = "Say what you want of it.") Aim aim,
    @Schema(nullable = true, description = "Null where that of its place or the collection holds")
        Approach approach,
    @Schema(nullable = true) LocalDate arrivedOn,
    boolean cameRootless,
    @NotNull(message = "Say in what it differs from its kind; it may be nothing.")
        TraitsEntry deviation) {}
