/** The figures in force: the program's own, and the collector's in their place. */
@NullMarked
package almanac.app.record.rules;

import org.jspecify.annotations.NullMarked;
