/** Does light carry growth after a move, here and on this day? */
@NullMarked
package almanac.core.season;

import org.jspecify.annotations.NullMarked;
