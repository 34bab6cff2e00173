/** The trainer: cases to judge, and what came of the answers. */
@NullMarked
package almanac.app.errands.trainer;

import org.jspecify.annotations.NullMarked;
