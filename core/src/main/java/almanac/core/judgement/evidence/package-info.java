/** What is known of a plant on the day, and what follows from it before anything is weighed. */
@NullMarked
package almanac.core.judgement.evidence;

import org.jspecify.annotations.NullMarked;
