package almanac.core.rhizome;

import almanac.core.refusals.Field;

/**
 * An entry on the map.
 *
 * @param key where it stands: {@code growths[2].name}, {@code joints[0]}
 */
public record MapField(String key) implements Field {}
