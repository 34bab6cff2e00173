/** Writing down what was looked at, and correcting it. */
@NullMarked
package almanac.app.inspections;

import org.jspecify.annotations.NullMarked;
