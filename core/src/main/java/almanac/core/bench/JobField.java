package almanac.core.bench;

import almanac.core.refusals.Field;

/**
 * An entry of a job at the bench.
 *
 * @param key where it stands: {@code chosen}, {@code dividing.cuts[1]}
 */
public record JobField(String key) implements Field {}
