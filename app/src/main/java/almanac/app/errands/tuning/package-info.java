/** Changing the figures and the approach that plants are judged by. */
@NullMarked
package almanac.app.errands.tuning;

import org.jspecify.annotations.NullMarked;
