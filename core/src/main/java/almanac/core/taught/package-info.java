/** What came of the moves of the past, and what does that teach? */
@NullMarked
package almanac.core.taught;

import org.jspecify.annotations.NullMarked;
