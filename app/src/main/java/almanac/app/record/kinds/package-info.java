/** Kinds of plants: the program's own, and those the collector has changed or added. */
@NullMarked
package almanac.app.record.kinds;

import org.jspecify.annotations.NullMarked;
