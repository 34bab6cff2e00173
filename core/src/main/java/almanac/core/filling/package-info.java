/** How much of what goes into a pot? */
@NullMarked
package almanac.core.filling;

import org.jspecify.annotations.NullMarked;
