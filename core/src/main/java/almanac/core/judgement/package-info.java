/** Should the plant be moved, why, when, and when should somebody look again? */
@NullMarked
package almanac.core.judgement;

import org.jspecify.annotations.NullMarked;
