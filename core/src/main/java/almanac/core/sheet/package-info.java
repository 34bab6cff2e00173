/**
 * A list of plants that somebody kept in a spreadsheet: what its columns mean, what its words and
 * days stand for, and what in it cannot be right.
 */
@NullMarked
package almanac.core.sheet;

import org.jspecify.annotations.NullMarked;
