package almanac.core.sheet;

/**
 * Something to know of a cell.
 *
 * @param column from 0; the one that the remark is about
 * @param text what stands there
 * @param why a part of a sentence: what is wrong with it, or what it was taken for
 */
public record Remark(int row, int column, String text, String why) {}
