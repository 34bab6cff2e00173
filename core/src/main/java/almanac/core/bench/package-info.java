/** The work at the bench, step by step. */
@NullMarked
package almanac.core.bench;

import org.jspecify.annotations.NullMarked;
