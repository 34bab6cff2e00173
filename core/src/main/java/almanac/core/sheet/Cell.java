package almanac.core.sheet;

/**
 * One cell.
 *
 * @param row as the spreadsheet counts it, from 1
 * @param column from 0
 */
public record Cell(int row, int column) {}
