/** In which pot, and where in it? Seen from above, with the years to come. */
@NullMarked
package almanac.core.placing;

import org.jspecify.annotations.NullMarked;
