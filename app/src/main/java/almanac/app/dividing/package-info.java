/** Where a plant may be cut. */
@NullMarked
package almanac.app.dividing;

import org.jspecify.annotations.NullMarked;
