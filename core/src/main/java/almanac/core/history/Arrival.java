package almanac.core.history;

import java.time.LocalDate;

/**
 * How a plant came into the collection.
 *
 * @param on the day
 * @param rootless whether it came without live roots
 */
public record Arrival(LocalDate on, boolean rootless) {}
