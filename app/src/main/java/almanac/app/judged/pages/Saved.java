package almanac.app.judged.pages;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;

/** What a write answers. */
public record Saved(
    @Schema(description = "What was written, so that it can be taken back") UUID act,
    @Schema(description = "The page as it now stands") PlantPage plant,
    @Schema(description = "All plants that it was on") List<Long> plants) {}
