/** One judgement beside another: by other approaches, after a change, after one more look. */
@NullMarked
package almanac.core.judgement.compare;

import org.jspecify.annotations.NullMarked;
