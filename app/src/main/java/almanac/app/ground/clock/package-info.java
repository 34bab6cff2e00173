/** What time it is. */
@NullMarked
package almanac.app.ground.clock;

import org.jspecify.annotations.NullMarked;
