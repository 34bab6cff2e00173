package almanac.core.sheet;

import org.jspecify.annotations.Nullable;

/**
 * The place that is meant by what stands in a cell.
 *
 * @param id null if it is made new
 * @param name its name, which it has or is given
 */
public record PlaceChoice(@Nullable Long id, String name) {}
