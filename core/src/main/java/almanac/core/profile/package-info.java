/** What kind of plant is this, and which habits of growing and rooting does it bring along? */
@NullMarked
package almanac.core.profile;

import org.jspecify.annotations.NullMarked;
