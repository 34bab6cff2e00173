/** What kind of plant is this, and which habits of growing and rooting does it bring along? */
@NullMarked
package almanac.core.kinds;

import org.jspecify.annotations.NullMarked;
