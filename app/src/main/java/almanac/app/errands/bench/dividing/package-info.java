/** Where a plant may be cut. */
@NullMarked
package almanac.app.errands.bench.dividing;

import org.jspecify.annotations.NullMarked;
