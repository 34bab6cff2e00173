/** The work at the bench, step by step. */
@NullMarked
package almanac.core.jobs;

import org.jspecify.annotations.NullMarked;
