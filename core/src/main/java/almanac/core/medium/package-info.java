/** How much of the potting medium's life is used? */
@NullMarked
package almanac.core.medium;

import org.jspecify.annotations.NullMarked;
