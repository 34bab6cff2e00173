package almanac.app.journal;

/**
 * What was written.
 *
 * @param plant as it now stands
 * @param entryId the line of its journal, so that it can be taken back
 */
public record Written(PlantRecord plant, long entryId) {}
