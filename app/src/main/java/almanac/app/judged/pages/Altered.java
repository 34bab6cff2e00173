package almanac.app.judged.pages;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is answered where perhaps nothing had to be written, or the plant may be gone by it. */
public record Altered(
    @Schema(
            nullable = true,
            description = "So that it can be taken back; null if all was so already")
        @Nullable UUID act,
    @Schema(nullable = true, description = "The page as it now stands; null if the plant is gone")
        @Nullable PlantPage plant,
    @Schema(description = "All plants that it was on") List<Long> plants) {}
