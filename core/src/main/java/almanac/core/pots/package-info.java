/** The pot itself, and what it holds. */
@NullMarked
package almanac.core.pots;

import org.jspecify.annotations.NullMarked;
