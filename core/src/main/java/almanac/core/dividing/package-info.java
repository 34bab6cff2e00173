/** The rhizome as a map, and where to cut it. */
@NullMarked
package almanac.core.dividing;

import org.jspecify.annotations.NullMarked;
