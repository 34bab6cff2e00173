/** What a move would break, what of it is lost for good, and how that changes by the week. */
@NullMarked
package almanac.core.judgement.risk;

import org.jspecify.annotations.NullMarked;
