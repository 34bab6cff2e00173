/**
 * In which pot, where in it, and how much of what goes in? Seen from above, with the years to come.
 */
@NullMarked
package almanac.core.pot;

import org.jspecify.annotations.NullMarked;
