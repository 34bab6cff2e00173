/** Work at the bench, kept step by step until it is finished. */
@NullMarked
package almanac.app.errands.bench;

import org.jspecify.annotations.NullMarked;
