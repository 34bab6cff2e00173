package almanac.core.history;

/**
 * One line of a plant's journal: a happening, and the act that it belongs to.
 *
 * @param id in the order of writing
 */
public record Line(long id, Act act, Happening happening) {}
