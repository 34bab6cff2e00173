/** Changing the figures and the approach that plants are judged by. */
@NullMarked
package almanac.app.tuning;

import org.jspecify.annotations.NullMarked;
