/** Should the plant be moved, why, how, when, and when should somebody look again? */
@NullMarked
package almanac.core.judgement.verdict;

import org.jspecify.annotations.NullMarked;
