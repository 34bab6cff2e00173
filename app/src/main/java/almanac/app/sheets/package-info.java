/** A list of plants that somebody kept in a spreadsheet comes into the collection. */
@NullMarked
package almanac.app.sheets;

import org.jspecify.annotations.NullMarked;
