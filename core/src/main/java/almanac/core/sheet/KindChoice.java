package almanac.core.sheet;

/**
 * The kind that is meant by what stands in a cell.
 *
 * @param key of the kind
 * @param anew whether a kind of its own is made, under the words of the cell and at first like that
 *     one
 */
public record KindChoice(String key, boolean anew) {}
