/** Trials: begun on some plants, looked at on the way, and closed in their keeper's words. */
@NullMarked
package almanac.app.errands.trials;

import org.jspecify.annotations.NullMarked;
