/** A plant from its arrival on: looked at, moved, corrected, and what was written taken back. */
@NullMarked
package almanac.app.errands.plants;

import org.jspecify.annotations.NullMarked;
