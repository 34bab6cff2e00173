/**
 * Which growth is which? A lead of this year is a bulb of the next; its sizes, roots and flowers
 * stay with it.
 */
@NullMarked
package almanac.core.growth;

import org.jspecify.annotations.NullMarked;
