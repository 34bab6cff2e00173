package almanac.app.site;

/**
 * Something that many plants share has changed: a bench, a kind, or the whole collection.
 *
 * @param what changed, for the log
 */
public record ReadAnew(String what) {}
