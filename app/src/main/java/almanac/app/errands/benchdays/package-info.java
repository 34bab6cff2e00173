/** Which job is done on which of the days that the collector has. */
@NullMarked
package almanac.app.errands.benchdays;

import org.jspecify.annotations.NullMarked;
