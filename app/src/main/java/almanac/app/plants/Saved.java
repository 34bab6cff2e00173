package almanac.app.plants;

/**
 * What a write answers: the line that was written, so that it can be taken back, and the page as it
 * now stands.
 */
public record Saved(long entryId, PlantPage plant) {}
