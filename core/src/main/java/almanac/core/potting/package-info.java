/** How does a pot with its medium behave? When is it dry, by its weight? */
@NullMarked
package almanac.core.potting;

import org.jspecify.annotations.NullMarked;
