/**
 * How is a new plant kept until it can be moved? Held in the pot it came in by what its soak water
 * says, and kept apart from the others until it has proved clean.
 */
@NullMarked
package almanac.core.holding;

import org.jspecify.annotations.NullMarked;
