package almanac.app.errands.trials;

import almanac.core.refusals.Longest;
import almanac.core.trials.Against;
import almanac.core.trials.Tried;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A trial to begin. */
record TrialEntry(
    @NotBlank(message = "Say what is tried.")
        @Size(max = Longest.LINE, message = "At most {max} characters.")
        @Schema(example = "Charcoal in the bark")
        String name,
    @NotNull(message = "Say what is tried: a medium, a pot, a way to move, a place or a feed.")
        Tried tried,
    @NotNull(message = "Say against what it is held.") Against against,
    @NotEmpty(message = "Choose at least one thing to look at.")
        @Size(max = 20, message = "At most {max} things.")
        @Schema(description = "Items, by their keys", example = "[\"newestSize\"]")
        List<@NotNull String> looks,
    @NotEmpty(message = "Choose at least one plant to try it on.")
        @Size(max = 100, message = "At most {max} plants.")
        List<@NotNull Long> plants,
    @Schema(
            description =
                "Those it is held against: the other halves in the order of the plants, others of"
                    + " their kind, or none where it is the years before")
        @NotNull(message = "Leave the list empty if it is held against the years before.")
        @Size(max = 100, message = "At most {max} plants.")
        List<@NotNull Long> others,
    @Schema(nullable = true, description = "Its first day; absent for today")
        @Nullable LocalDate since,
    @NotNull(message = "Say when it is to be judged; without an end it is no trial.")
        LocalDate judgeOn) {}
