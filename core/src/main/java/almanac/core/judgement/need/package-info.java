/** What speaks for a move and what against it. */
@NullMarked
package almanac.core.judgement.need;

import org.jspecify.annotations.NullMarked;
