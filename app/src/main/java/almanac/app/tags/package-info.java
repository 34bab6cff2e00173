/** Tags: what stands on them, which are missing, and which may have been swapped. */
@NullMarked
package almanac.app.tags;

import org.jspecify.annotations.NullMarked;
