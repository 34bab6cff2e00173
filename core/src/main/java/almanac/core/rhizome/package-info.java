/**
 * How does it grow, and where could it be parted? A lead of this year is a bulb of the next; its
 * sizes, roots and flowers stay with it.
 */
@NullMarked
package almanac.core.rhizome;

import org.jspecify.annotations.NullMarked;
