/** Trials: what is tried on which plants, against what, what is looked at, and until when. */
@NullMarked
package almanac.core.trials;

import org.jspecify.annotations.NullMarked;
