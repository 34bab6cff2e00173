/** Writes that carry a key happen once, however often they are sent. */
@NullMarked
package almanac.app.once;

import org.jspecify.annotations.NullMarked;
