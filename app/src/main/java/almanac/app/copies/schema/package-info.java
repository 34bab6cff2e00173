/** The tables of a database file, from the oldest to the newest. */
@NullMarked
package almanac.app.copies.schema;

import org.jspecify.annotations.NullMarked;
