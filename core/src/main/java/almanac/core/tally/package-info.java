/** Counting the roots at the bench, and what follows from what was lost. */
@NullMarked
package almanac.core.tally;

import org.jspecify.annotations.NullMarked;
