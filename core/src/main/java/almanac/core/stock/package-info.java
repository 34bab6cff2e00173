/** What lies ready for the bench, and what runs short? */
@NullMarked
package almanac.core.stock;

import org.jspecify.annotations.NullMarked;
