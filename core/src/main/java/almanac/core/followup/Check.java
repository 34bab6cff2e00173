package almanac.core.followup;

/**
 * Something to look at, and when.
 *
 * @param purpose why and what for
 * @param window the days on which it is worth it
 */
public record Check(Purpose purpose, Window window) {}
