package almanac.core.rounds;

import almanac.core.checks.Window;

/**
 * Something to look at on one of the walks.
 *
 * @param <T> what is looked at
 */
public record ToLook<T>(T what, Window window) {}
