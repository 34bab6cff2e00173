/** A list of plants that somebody kept in a spreadsheet comes into the collection. */
@NullMarked
package almanac.app.errands.sheet;

import org.jspecify.annotations.NullMarked;
